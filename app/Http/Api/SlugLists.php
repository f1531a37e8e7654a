<?php

declare(strict_types=1);

namespace App\Http\Api;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Unit;
use stdClass;

/** Writes the lists of the schemas that follow from catalogues: which ingredients, leaves and units there are. */
final readonly class SlugLists
{
    public function __construct(private ToleranceCatalogue $leaves) {}

    /** @return string the same schema with each list as the catalogues have it now */
    public function into(string $schema): string
    {
        $whole = json_decode($schema, false, 512, \JSON_THROW_ON_ERROR);

        return json_encode($this->walked($whole), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR) . "\n";
    }

    private function walked(mixed $node): mixed
    {
        if (is_array($node)) {
            return array_map($this->walked(...), $node);
        }
        if (! $node instanceof stdClass) {
            return $node;
        }
        foreach (get_object_vars($node) as $key => $value) {
            $node->{$key} = $key === 'enum' && is_array($value) ? $this->listed(array_values(array_filter($value, is_string(...))), $value) : $this->walked($value);
        }

        return $node;
    }

    /**
     * @param list<string>            $words those of the list that are words
     * @param array<array-key, mixed> $as    the list as it is
     *
     * @return array<array-key, mixed> of the kind of thing that it names, all there are; what is not of that kind stays behind them
     */
    private function listed(array $words, array $as): array
    {
        $ingredients = array_keys(Things::of('ingredients')->rows());
        $units = array_map(static fn(Unit $unit): string => $unit->value, Unit::cases());
        // A single one is named for its own sake, like “1” for what is counted.
        $all = match (true) {
            count(array_intersect($words, $ingredients)) > 2 => $ingredients,
            count(array_intersect($words, $this->leaves->slugs())) > 2 => $this->leaves->slugs(),
            count(array_intersect($words, $units)) > 2 => $this->units($words),
            default => null,
        };

        return $all === null ? $as : [...$all, ...array_values(array_filter($as, static fn(mixed $one): bool => ! in_array($one, [...$ingredients, ...$units, ...$all], true)))];
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> all units of the dimensions that some of them measure
     */
    private function units(array $words): array
    {
        $dimensions = array_map(static fn(string $word): string => Unit::tryFrom($word)?->dimension()->value ?? '', $words);

        return array_values(array_map(static fn(Unit $unit): string => $unit->value, array_filter(Unit::cases(), static fn(Unit $unit): bool => in_array($unit->dimension()->value, $dimensions, true))));
    }
}
