<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** contract/openapi.yaml with its parts, for holding answers against it. */
final class Contract
{
    private static ?\stdClass $document = null;

    /** @param TestResponse<Response> $response */
    public static function hold(string $method, string $path, TestResponse $response): void
    {
        $document = self::document();
        $operation = self::operation($method, explode('?', $path)[0]);
        $exact = (string) $response->getStatusCode();
        // Every refusal is a problem document; those that are more than that are named by themselves.
        $status = isset($operation->responses->{$exact}) ? $exact : $exact[0].'XX';
        Assert::assertObjectHasProperty($status, $operation->responses, "{$method} {$path} answers {$exact}, which the contract does not know.");
        $answer = $operation->responses->{$status};
        $answer = isset($answer->{'$ref'}) ? $document->components->responses->Problem : $answer;
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        Assert::assertObjectHasProperty($type, $answer->content, "{$method} {$path} answers {$exact} as {$type}.");
        if (! str_contains($type, 'json')) {
            return;
        }
        $schema = (object) ['components' => $document->components, 'allOf' => [$answer->content->{$type}->schema]];
        $result = (new Validator())->setMaxErrors(3)->validate(json_decode((string) $response->getContent(), false, 512, JSON_THROW_ON_ERROR), $schema);
        $error = $result->error();
        Assert::assertNull($error, $error === null ? '' : "{$method} {$path}: ".json_encode((new ErrorFormatter())->format($error)));
    }

    /** All of it as one document. */
    public static function document(): \stdClass
    {
        return self::$document ??= self::whole(self::parsed('openapi.yaml'));
    }

    /** With what stands in the parts (file#/key/name) put in the place of the reference to it. */
    private static function whole(\stdClass $document): \stdClass
    {
        $parts = [];
        foreach ([$document->paths, $document->components->schemas] as $named) {
            foreach (get_object_vars($named) as $name => $place) {
                [$file, $pointer] = explode('#/', $place->{'$ref'});
                $parts[$file] ??= self::parsed($file);
                [$key, $at] = explode('/', $pointer);
                $named->{$name} = $parts[$file]->{$key}->{strtr($at, ['~1' => '/'])};
            }
        }

        return $document;
    }

    /** A file of the contract; what it says of the first file is said of the whole. */
    private static function parsed(string $file): \stdClass
    {
        $yaml = str_replace('../openapi.yaml#/', '#/', (string) file_get_contents(__DIR__.'/../contract/'.$file));

        return json_decode((string) json_encode(Yaml::parse($yaml, Yaml::PARSE_OBJECT_FOR_MAP)), false, 512, JSON_THROW_ON_ERROR);
    }

    private static function operation(string $method, string $path): \stdClass
    {
        foreach (get_object_vars(self::document()->paths) as $template => $operations) {
            $literal = $template === $path;
            $pattern = '#^'.str_replace(['\{id\}', '\{other\}'], '[^/]+', preg_quote($template, '#')).'$#';
            if ($literal || (preg_match($pattern, $path) === 1 && ! isset(self::document()->paths->{$path}))) {
                Assert::assertObjectHasProperty($method, $operations, "The contract knows no {$method} {$template}.");

                return $operations->{$method};
            }
        }
        Assert::fail("The contract does not know {$path}.");
    }
}
