<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** contract/openapi.yaml with its parts, for holding answers, and requests that were taken, against it. */
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
        Assert::assertObjectHasProperty(
            $status,
            $operation->responses,
            "{$method} {$path} answers {$exact}, which the contract does not know.",
        );
        $answer = $operation->responses->{$status};
        $answer = isset($answer->{'$ref'}) ? $document->components->responses->Problem : $answer;
        if (! isset($answer->content)) {
            Assert::assertSame('', (string) $response->getContent(), "{$method} {$path} answers {$exact} with nothing.");

            return;
        }
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        Assert::assertObjectHasProperty($type, $answer->content, "{$method} {$path} answers {$exact} as {$type}.");
        if (str_contains($type, 'json')) {
            self::fits(
                (string) $response->getContent(),
                $answer->content->{$type}->schema,
                "{$method} {$path} answers otherwise than the contract says",
            );
        }
    }

    /** @param array<string, mixed> $body of a request that was taken */
    public static function holdRequest(string $method, string $path, array $body): void
    {
        $schema = self::operation($method, explode('?', $path)[0])->requestBody->content->{'application/json'}->schema ?? null;
        if ($schema === null) {
            Assert::assertSame([], $body, "{$method} {$path} takes a body that the contract does not know.");

            return;
        }
        // PHP writes an empty object as an empty list.
        if (self::wrong((string) json_encode($body), $schema) !== '') {
            self::fits((string) json_encode(self::objects($body)), $schema, "{$method} {$path} takes what the contract does not allow");
        }
    }

    /**
     * @param array<mixed> $body
     *
     * @return \stdClass|array<mixed>
     */
    private static function objects(array $body): \stdClass|array
    {
        return $body === [] ? new \stdClass() : array_map(
            static fn(mixed $one): mixed => \is_array($one) ? self::objects($one) : $one,
            $body,
        );
    }

    private static function fits(string $json, \stdClass $schema, string $otherwise): void
    {
        $wrong = self::wrong($json, $schema);
        Assert::assertSame('', $wrong, $otherwise);
    }

    /** What is wrong, by place; empty when nothing is. */
    private static function wrong(string $json, \stdClass $schema): string
    {
        $whole = (object) ['components' => self::document()->components, 'allOf' => [$schema]];
        $error = (new Validator())->setMaxErrors(3)->validate(json_decode($json, false, 512, JSON_THROW_ON_ERROR), $whole)->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error));
    }

    /** All of it as one document. */
    public static function document(): \stdClass
    {
        return self::$document ??= self::whole(self::parsed('openapi.yaml'));
    }

    /** With what stands in the parts (file#/key/name) put in the place of the reference to it, and the definitions of a step among the schemas. */
    private static function whole(\stdClass $document): \stdClass
    {
        $parts = ['step.schema.json' => self::parsed('step.schema.json')];
        foreach (get_object_vars($parts['step.schema.json']->{'$defs'}) as $name => $definition) {
            $document->components->schemas->{$name} = $definition;
        }
        foreach ([$document->paths, $document->components->schemas] as $named) {
            foreach (get_object_vars($named) as $name => $place) {
                if (! str_contains($place->{'$ref'} ?? '', '#/') || str_starts_with($place->{'$ref'}, '#/')) {
                    continue;
                }
                [$file, $pointer] = explode('#/', $place->{'$ref'});
                $parts[$file] ??= self::parsed($file);
                [$key, $at] = explode('/', $pointer);
                $named->{$name} = $parts[$file]->{$key}->{strtr($at, ['~1' => '/'])};
            }
        }

        return $document;
    }

    /** A file of the contract, resolved from the first file. */
    private static function parsed(string $file): \stdClass
    {
        $yaml = str_replace(
            ['../openapi.yaml#/', '"#/$defs/'],
            ['#/', '"#/components/schemas/'],
            (string) file_get_contents(__DIR__.'/../contract/'.$file),
        );

        return json_decode((string) json_encode(Yaml::parse($yaml, Yaml::PARSE_OBJECT_FOR_MAP)), false, 512, JSON_THROW_ON_ERROR);
    }

    private static function operation(string $method, string $path): \stdClass
    {
        foreach (get_object_vars(self::document()->paths) as $template => $operations) {
            $literal = $template === $path;
            $pattern = '#^'.str_replace(['\{id\}', '\{other\}', '\{step\}', '\{coats\}'], '[^/]+', preg_quote($template, '#')).'$#';
            if ($literal || (preg_match($pattern, $path) === 1 && ! isset(self::document()->paths->{$path}))) {
                Assert::assertObjectHasProperty($method, $operations, "The contract knows no {$method} {$template}.");

                return $operations->{$method};
            }
        }
        Assert::fail("The contract does not know {$path}.");
    }
}
