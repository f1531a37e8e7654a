<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\Record;
use App\Declared\Records;
use App\Declared\Schemas;
use App\Declared\Told;
use LogicException;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionUnionType;

/** Reads from the classes of answers what they look like as JSON; each becomes a schema by its name. */
final class AnswerSchemas
{
    private const SIMPLE = ['int' => ['type' => 'integer'], 'float' => ['type' => 'number'], 'string' => ['type' => 'string'], 'bool' => ['type' => 'boolean'], 'mixed' => [], 'object' => ['type' => 'object'], 'positive-int' => ['type' => 'integer', 'minimum' => 1]];

    /** What stands for nothing: an empty object is no list in JSON. */
    private const EMPTY = ['null', '\stdClass', 'stdClass'];

    /** Documents of core that have a schema of their own. */
    private const ELSEWHERE = ['WrittenVerdict' => 'Verdict'];

    /** @var array<string, array<string, mixed>> by name */
    private array $schemas = [];

    /** @var array<string, class-string> by name */
    private array $classes = [];

    public function __construct(private readonly Records $records) {}

    /** @return array<string, array<string, mixed>> all that were asked for, and what they hold */
    public function all(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed> a reference to its schema
     *
     * @throws LogicException when another class has the same name, or a type is not understood
     */
    public function reference(string $class): array
    {
        $name = self::name($class);
        if (($this->classes[$name] ?? $class) !== $class) {
            throw new LogicException("{$class} and {$this->classes[$name]} would both be called {$name}.");
        }
        if (! isset($this->classes[$name])) {
            $this->classes[$name] = $class;
            $this->schemas[$name] = $this->schema(new ReflectionClass($class));
        }

        return ['$ref' => "#/components/schemas/{$name}"];
    }

    /** @param class-string $class */
    public static function name(string $class): string
    {
        $named = (new ReflectionClass($class))->getAttributes(Named::class)[0] ?? null;
        if ($named !== null) {
            return $named->newInstance()->name;
        }
        $short = substr((string) strrchr("\\{$class}", '\\'), 1);

        return str_ends_with($short, 'Answer') ? substr($short, 0, -6) : $short;
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function schema(ReflectionClass $class): array
    {
        $said = self::said($class);
        $properties = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && $type->getName() === Told::class) {
                $properties = [...$properties, ...self::declared($this->recordOf($class))];
            } elseif ($parameter->getAttributes(Spread::class) !== [] && $type instanceof ReflectionNamedType) {
                $properties = [...$properties, ...$this->properties($type->getName(), $class)];
            } else {
                $properties[$parameter->getName()] = $this->property($parameter, $said[$parameter->getName()] ?? null, $class);
            }
        }

        foreach ($class->getAttributes(Beside::class) as $beside) {
            $properties[$beside->newInstance()->key] = $beside->newInstance()->schema;
        }

        return ['type' => 'object', 'required' => array_keys($properties), 'properties' => $properties, 'additionalProperties' => false];
    }

    /**
     * @param ReflectionClass<object> $beside
     *
     * @return array<string, mixed> of an answer that is told within another
     */
    private function properties(string $name, ReflectionClass $beside): array
    {
        $class = class_exists($name) ? $name : throw new LogicException("{$beside->getName()} names {$name}, which is no class.");
        $this->reference($class);

        /** @var array<string, mixed> */
        return $this->schemas[self::name($class)]['properties'] ?? [];
    }

    /** @param ReflectionClass<object> $class */
    private function recordOf(ReflectionClass $class): Record
    {
        $of = $class->getAttributes(OfRecord::class)[0] ?? throw new LogicException("{$class->getName()} does not say which record it tells of.");

        return $this->records->get($of->newInstance()->record);
    }

    /** @return array<string, mixed> */
    private static function declared(Record $record): array
    {
        $properties = [];
        foreach ($record->entered() as $field) {
            $properties[$field->key()] = $field->schema();
        }

        return $properties;
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function property(ReflectionParameter $parameter, ?TypeNode $said, ReflectionClass $class): array
    {
        $type = $parameter->getType();
        $nullable = $type?->allowsNull() === true;
        $schema = match (true) {
            $said !== null => $this->type(self::withoutNull($said), $class),
            $type instanceof ReflectionNamedType => $this->named($type->getName(), $class),
            $type instanceof ReflectionUnionType => ['type' => 'number'],
            default => [],
        };
        foreach ($parameter->getAttributes(Shape::class) as $shape) {
            $schema = $shape->newInstance()->of($schema);
        }

        return $nullable ? Schemas::orNull($schema) : $schema;
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function type(TypeNode $type, ReflectionClass $class): array
    {
        if ($type instanceof GenericTypeNode) {
            $inside = $this->type($type->genericTypes[count($type->genericTypes) - 1], $class);

            return in_array((string) $type->type, ['list', 'non-empty-list'], true) || count($type->genericTypes) === 1 ? ['type' => 'array', 'items' => $inside] : ['type' => 'object', 'additionalProperties' => $inside];
        }
        if ($type instanceof ArrayShapeNode) {
            return $this->shape($type, $class);
        }
        if ($type instanceof NullableTypeNode) {
            return Schemas::orNull($this->type($type->type, $class));
        }
        if ($type instanceof UnionTypeNode) {
            $left = self::withoutNull($type);

            return $left === $type ? ['type' => 'number'] : Schemas::orNull($this->type($left, $class));
        }

        return $type instanceof IdentifierTypeNode ? $this->named($type->name, $class) : throw new LogicException("{$class->getName()} has a type that is not understood: {$type}.");
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function shape(ArrayShapeNode $shape, ReflectionClass $class): array
    {
        $properties = [];
        $items = [];
        foreach ($shape->items as $item) {
            $inside = $this->type($item->valueType, $class);
            $item->keyName === null ? $items[] = $inside : $properties[(string) $item->keyName] = $inside;
        }

        return $items === [] ? ['type' => 'object', 'required' => array_keys($properties), 'properties' => $properties, 'additionalProperties' => false] : ['type' => 'array', 'items' => $items[0], 'minItems' => count($items), 'maxItems' => count($items)];
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, mixed>
     */
    private function named(string $name, ReflectionClass $class): array
    {
        if (isset(self::SIMPLE[$name])) {
            return self::SIMPLE[$name];
        }
        if (isset(self::ELSEWHERE[$name])) {
            return ['$ref' => '#/components/schemas/' . self::ELSEWHERE[$name]];
        }
        $found = class_exists($name) ? $name : $class->getNamespaceName() . "\\{$name}";

        return class_exists($found) ? $this->reference($found) : throw new LogicException("{$class->getName()} names {$name}, which is no type of an answer.");
    }

    /**
     * @param ReflectionClass<object> $class
     *
     * @return array<string, TypeNode> by parameter of the constructor, as its docblock says it
     */
    private static function said(ReflectionClass $class): array
    {
        $doc = $class->getConstructor()?->getDocComment();
        if (! is_string($doc)) {
            return [];
        }
        $config = new ParserConfig([]);
        $expressions = new ConstExprParser($config);
        $parser = new PhpDocParser($config, new TypeParser($config, $expressions), $expressions);
        $said = [];
        foreach ($parser->parse(new TokenIterator((new Lexer($config))->tokenize($doc)))->getParamTagValues() as $tag) {
            $said[substr($tag->parameterName, 1)] = $tag->type;
        }

        return $said;
    }

    private static function withoutNull(TypeNode $type): TypeNode
    {
        if (! $type instanceof UnionTypeNode) {
            return $type;
        }
        $left = array_values(array_filter($type->types, static fn(TypeNode $one): bool => ! ($one instanceof IdentifierTypeNode && in_array($one->name, self::EMPTY, true))));

        return count($left) === 1 ? $left[0] : $type;
    }
}
