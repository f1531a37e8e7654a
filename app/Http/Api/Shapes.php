<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\Schemas;
use Closure;
use LogicException;

/** Shapes as calls and requests say them, as JSON Schema. */
final class Shapes
{
    private const TYPES = ['string', 'integer', 'number', 'boolean', 'object', 'array'];

    private const FORMATS = ['uuid', 'date-time', 'date'];

    private const SCHEMA = ['type', '$ref', 'oneOf', 'anyOf', 'enum', 'const', 'additionalProperties', 'description'];

    /**
     * @param string|array<array-key, mixed> $shape
     * @param Closure(string): string        $named the name of a schema, where there is one of that name
     *
     * @return array<string, mixed>
     *
     * @throws LogicException when it is none
     */
    public static function schema(string|array $shape, AnswerSchemas $answers, Closure $named): array
    {
        if (is_string($shape)) {
            return self::word($shape, $answers, $named);
        }
        if (array_is_list($shape) && count($shape) === 1 && (is_string($shape[0]) || is_array($shape[0]))) {
            return ['type' => 'array', 'items' => self::schema($shape[0], $answers, $named)];
        }
        if (array_intersect(array_keys($shape), self::SCHEMA) !== []) {
            /** @var array<string, mixed> */
            return $shape;
        }
        $properties = [];
        $required = [];
        foreach ($shape as $key => $inside) {
            $name = rtrim((string) $key, '?');
            if (! is_string($inside) && ! is_array($inside)) {
                throw new LogicException("{$key} has no shape.");
            }
            $properties[$name] = self::schema($inside, $answers, $named);
            if ($name === (string) $key) {
                $required[] = $name;
            }
        }

        return ['type' => 'object', ...$required === [] ? [] : ['required' => $required], ...$properties === [] ? [] : ['properties' => $properties], 'additionalProperties' => false];
    }

    /**
     * @param Closure(string): string $named
     *
     * @return array<string, mixed>
     */
    private static function word(string $shape, AnswerSchemas $answers, Closure $named): array
    {
        return match (true) {
            $shape[0] === '?' => Schemas::orNull(self::word(substr($shape, 1), $answers, $named)),
            $shape[0] === '#' => ['$ref' => '#/components/schemas/' . $named(substr($shape, 1))],
            in_array($shape, self::TYPES, true) => ['type' => $shape],
            in_array($shape, self::FORMATS, true) => ['type' => 'string', 'format' => $shape],
            enum_exists($shape) => ['enum' => array_column($shape::cases(), 'value')],
            class_exists($shape) => $answers->reference($shape),
            default => throw new LogicException("{$shape} is no shape."),
        };
    }
}
