<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;

/** What the type of a property does not say of it: which words, a form, another document. Of a list it speaks of what stands in it. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Shape
{
    /**
     * @param string                       $format like date-time
     * @param class-string<\BackedEnum>|'' $of     its values are the words
     * @param list<string>                 $words
     * @param string                       $ref    name of a schema
     * @param string                       $codes  name of a schema of codes, each of which comes with its words
     * @param array<string, mixed>         $schema JSON Schema, where nothing shorter says it
     * @param Dimension|null               $unitsOf its units are the words
     */
    public function __construct(
        private string $format = '',
        private string $of = '',
        private array $words = [],
        private string $ref = '',
        private string $codes = '',
        private ?float $least = null,
        private ?float $most = null,
        private array $schema = [],
        private ?Dimension $unitsOf = null,
    ) {}

    /**
     * @param array<string, mixed> $schema as the type has it
     *
     * @return array<string, mixed> the same, said closer
     */
    public function of(array $schema): array
    {
        if (($schema['type'] ?? null) === 'array') {
            $items = $schema['items'] ?? [];

            return [...$schema, 'items' => $this->closer(is_array($items) ? $items : [])];
        }

        /** @var array<string, mixed> */
        return $this->closer($schema);
    }

    /**
     * @param array<array-key, mixed> $schema
     *
     * @return array<array-key, mixed>
     */
    private function closer(array $schema): array
    {
        $words = match (true) {
            $this->unitsOf !== null => Unit::codes($this->unitsOf),
            $this->of !== '' => array_column(($this->of)::cases(), 'value'),
            default => $this->words,
        };

        return match (true) {
            $this->schema !== [] => $this->schema,
            $this->codes !== '' => ['type' => 'object', 'required' => ['code', 'words'], 'properties' => ['code' => ['$ref' => "#/components/schemas/{$this->codes}"], 'words' => ['type' => 'string']], 'additionalProperties' => false],
            $this->ref !== '' => ['$ref' => "#/components/schemas/{$this->ref}"],
            $words !== [] => ['enum' => $words],
            default => [...$schema, ...$this->format === '' ? [] : ['format' => $this->format], ...$this->least === null ? [] : ['minimum' => self::number($this->least)], ...$this->most === null ? [] : ['maximum' => self::number($this->most)]],
        };
    }

    private static function number(float $number): float|int
    {
        return floor($number) === $number ? (int) $number : $number;
    }
}
