<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** contract/openapi.yaml, for holding answers against it. */
final class Contract
{
    private static ?\stdClass $document = null;

    /** @param TestResponse<Response> $response */
    public static function hold(string $method, string $path, TestResponse $response): void
    {
        self::$document ??= json_decode((string) json_encode(Yaml::parseFile(__DIR__.'/../contract/openapi.yaml', Yaml::PARSE_OBJECT_FOR_MAP)), false, 512, JSON_THROW_ON_ERROR);
        $operation = self::operation($method, explode('?', $path)[0]);
        $exact = (string) $response->getStatusCode();
        // Every refusal is a problem document; those that are more than that are named by themselves.
        $status = isset($operation->responses->{$exact}) ? $exact : $exact[0].'XX';
        Assert::assertObjectHasProperty($status, $operation->responses, "{$method} {$path} answers {$exact}, which the contract does not know.");
        $answer = $operation->responses->{$status};
        $answer = isset($answer->{'$ref'}) ? self::$document->components->responses->Problem : $answer;
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        Assert::assertObjectHasProperty($type, $answer->content, "{$method} {$path} answers {$exact} as {$type}.");
        if (! str_contains($type, 'json')) {
            return;
        }
        $schema = (object) ['components' => self::$document->components, 'allOf' => [$answer->content->{$type}->schema]];
        $result = (new Validator())->setMaxErrors(3)->validate(json_decode((string) $response->getContent(), false, 512, JSON_THROW_ON_ERROR), $schema);
        $error = $result->error();
        Assert::assertNull($error, $error === null ? '' : "{$method} {$path}: ".json_encode((new ErrorFormatter())->format($error)));
    }

    private static function operation(string $method, string $path): \stdClass
    {
        foreach (get_object_vars(self::$document->paths ?? new \stdClass()) as $template => $operations) {
            $literal = $template === $path;
            $pattern = '#^'.str_replace('\{id\}', '[^/]+', preg_quote($template, '#')).'$#';
            if ($literal || (preg_match($pattern, $path) === 1 && ! isset(self::$document->paths->{$path}))) {
                Assert::assertObjectHasProperty($method, $operations, "The contract knows no {$method} {$template}.");

                return $operations->{$method};
            }
        }
        Assert::fail("The contract does not know {$path}.");
    }
}
