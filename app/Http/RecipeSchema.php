<?php

declare(strict_types=1);

namespace App\Http;

use Hawkbrush\Core\Refused;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Holds a document against contract/recipe.schema.json. */
final class RecipeSchema
{
    /** @throws Refused with the place and the reason of the first fault */
    public function check(string $json): void
    {
        $result = (new Validator())->validate(json_decode($json, false, 64), (string) file_get_contents(base_path('contract/recipe.schema.json')));
        $error = $result->error();
        if ($error === null) {
            return;
        }
        while ($error->subErrors() !== []) {
            $error = $this->deepest($error);
        }
        throw Refused::at(
            implode('', array_map(static fn(string|int $part): string => '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $part), $error->data()->fullPath())),
            (new ErrorFormatter())->formatErrorMessage($error).'.',
        );
    }

    private function deepest(ValidationError $error): ValidationError
    {
        $deepest = $error;
        $depth = -1;
        foreach ($error->subErrors() as $sub) {
            if ($sub instanceof ValidationError && \count($sub->data()->fullPath()) > $depth) {
                $depth = \count($sub->data()->fullPath());
                $deepest = $sub;
            }
        }

        return $deepest;
    }
}
