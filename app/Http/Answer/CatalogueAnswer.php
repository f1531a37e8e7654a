<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\HardnessUnit;
use IdleMixer\Core\Emulsion\WaterKind;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Vessel\NeedTable;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Work\StandTest;

/** Everything that can be chosen, in words. */
final readonly class CatalogueAnswer
{
    public function __construct(
        private IngredientCatalogue $ingredients,
        private ToleranceCatalogue $tolerance,
        private TroubleCatalogue $troubles,
    ) {}

    /** @return array<string, mixed> */
    public function all(): array
    {
        $choices = Choices::shipped();

        return [
            'ingredients' => array_map(fn(string $slug): array => ['slug' => $slug, 'name' => $this->ingredients->get($slug)->name, 'substance' => $this->ingredients->get($slug)->substance->value], $this->ingredients->slugs()),
            'tolerance' => array_map($this->tolerance(...), $this->tolerance->slugs()),
            'pests' => array_map(static fn(Trouble $pest): array => ['slug' => $pest->slug, 'name' => $pest->name, 'counted' => $pest->counted], $this->troubles->pests()),
            'orders' => array_map(static fn(MixingOrder $order): array => ['code' => $order->value, ...$choices->order($order)], MixingOrder::cases()),
            'reactions' => array_map(static fn(Reaction $reaction): array => ['code' => $reaction->value, 'words' => Choices::reaction($reaction)], Reaction::cases()),
            'standTests' => array_map(static fn(StandTest $test): array => ['code' => $test->value, 'words' => $test->words(), 'unsteady' => $test->isUnsteady()], StandTest::cases()),
            'waters' => [
                ...array_map(static fn(WaterKind $kind): array => ['code' => $kind->value, 'words' => Choices::waterKind($kind), 'mgPerL' => $kind->milligramsPerLitre()], WaterKind::cases()),
                ...array_map(static fn(HardnessClass $class): array => ['code' => $class->value, 'words' => Choices::hardnessClass($class), 'mgPerL' => $class->milligramsPerLitre()], HardnessClass::cases()),
            ],
            'agitations' => array_map(static fn(Agitation $agitation): array => ['code' => $agitation->value, 'words' => Choices::agitation($agitation)], Agitation::cases()),
            'hardnessUnits' => array_map(static fn(HardnessUnit $unit): array => ['code' => $unit->value, 'words' => Choices::hardnessUnit($unit), 'mgPerL' => $unit->milligramsPerLitre()], HardnessUnit::cases()),
            'plantSizes' => self::named(NeedTable::shipped()->sizes()),
            'soils' => self::named(NeedTable::shipped()->soils()),
            'keeping' => array_column(Keeping::cases(), 'value'),
            'leafWaits' => LeafTest::WAITS,
            'volumeUnits' => array_map(static fn(string $code): array => ['code' => $code, 'words' => Measures::unit(Unit::from($code)), 'mL' => Unit::from($code)->factor()], Unit::codes(Dimension::Volume)),
        ];
    }

    /** @return array{slug: string, name: string, surface: string, looksLike: string} */
    private function tolerance(string $slug): array
    {
        $class = $this->tolerance->get($slug);

        return ['slug' => $slug, 'name' => $class->name, 'surface' => $class->surface->value, 'looksLike' => $class->looksLike];
    }

    /**
     * @param array<string, string> $words by code
     *
     * @return list<array{code: string, words: string}>
     */
    private static function named(array $words): array
    {
        return array_map(static fn(string $code, string $said): array => ['code' => $code, 'words' => $said], array_keys($words), $words);
    }
}
