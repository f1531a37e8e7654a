<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;

/** Reads a plant as it is now, strictly. */
final readonly class PlantReader
{
    private const FLAGS = ['dry-root', 'wounded', 'freshly-moved', 'eaten-raw', 'soap-sensitive', 'bears-no-oil', 'rare'];

    public function __construct(private KindCatalogue $kinds, private ToleranceCatalogue $classes) {}

    public static function shipped(): self
    {
        return new self(KindCatalogue::shipped(), ToleranceCatalogue::shipped());
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): PlantNow
    {
        $object = $node->object(['kind', 'leaf', 'place', 'stage', 'flags', 'harvestInDays']);
        $leaf = $object->filled('leaf');
        $place = $object->filled('place');
        $stage = $object->filled('stage');
        $kind = $object->filled('kind');
        $harvest = $object->filled('harvestInDays');
        $flags = array_map(static fn(Node $flag): string => $flag->word(self::FLAGS, 'flag'), $object->filled('flags')?->items(0, count(self::FLAGS), 'flags') ?? []);
        $has = static fn(string $flag): bool => in_array($flag, $flags, true);

        return new PlantNow(
            $leaf === null ? null : $this->classes->get($leaf->word($this->classes->known(), Say::it('ask/choose.plant-tolerance-class'))),
            $kind === null ? null : $this->kinds->read($kind->line(RecipeReader::MAX_NAME)),
            $place === null ? Site::Outdoors : Site::from($place->word(array_column(Site::cases(), 'value'), 'place')),
            $stage === null ? null : Stage::from($stage->word(array_column(Stage::cases(), 'value'), 'stage')),
            $has('dry-root'),
            $has('wounded'),
            $has('freshly-moved'),
            $has('eaten-raw'),
            $has('soap-sensitive'),
            $has('bears-no-oil'),
            $harvest === null ? null : self::days($harvest),
            $has('rare'),
        );
    }

    /** @throws InvalidDocument when it is below 0 or above */
    private static function days(Node $node): float
    {
        $days = $node->number();
        $most = InputLines::LONGEST_DAYS['value'];

        return $days < 0.0 || $days > $most ? throw $node->fault(Say::it('ask/gate-reader.number-from-0', ['most' => $most])) : $days;
    }
}
