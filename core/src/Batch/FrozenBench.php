<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Words\Say;

/** Reads the bench of a batch document: what is not known reads as not known. */
final readonly class FrozenBench
{
    private const MOST_MEASURES = InputLines::MOST_MEASURES['value'];

    private const MOST_DAYS = InputLines::LONGEST_DAYS['value'];

    private Node $bench;

    /** @throws InvalidDocument when a key is not known */
    public function __construct(Node $node, private ToleranceCatalogue $kinds)
    {
        $this->bench = $node->object(['make_mL', 'unit', 'sprayer_mL', 'highEnd', 'factor', 'measures', 'scale_g', 'water', 'plant', 'circumstances', 'hand', 'agitation']);
    }

    /** @throws InvalidDocument when it is no unit of volume */
    public function unit(): Unit
    {
        return Unit::from($this->bench->get('unit')->word(Unit::codes(Dimension::Volume), Say::it('batch/frozen-bench.unit-here')));
    }

    /** mL that one fill takes; null when all of it was to fit. */
    public function room(): ?float
    {
        return $this->bench->filled('sprayer_mL')?->positive();
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function kit(): Kit
    {
        $measures = array_map(static function (Node $item): Measure {
            $row = $item->object(['amount', 'unit', 'name']);

            return Measure::holding(AmountReader::fromParts($row->get('amount'), $row->get('unit'), Dimension::Volume), $row->get('name')->text(InputLines::LONGEST_NAME['value']));
        }, $this->bench->get('measures')->items(1, self::MOST_MEASURES, 'measures'));
        $scale = $this->bench->filled('scale_g');

        return new Kit($measures, $scale === null ? null : Amount::of($scale->positive(), Unit::Gram));
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function water(): Water
    {
        $water = $this->bench->get('water')->object(['hardness_mg_L', 'celsius']);
        $celsius = $water->filled('celsius');

        return new Water($water->filled('hardness_mg_L')?->countUpTo(\PHP_FLOAT_MAX), $celsius === null ? null : Temperature::ofCelsius($celsius->number()));
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function plant(): ?ToleranceClass
    {
        $node = $this->bench->filled('plant');
        if ($node === null) {
            return null;
        }
        // What it bears stood here in documents of before; now it is among the limits.
        $row = $node->object(['slug', 'name', 'surface', 'limits', ...OlderLimits::PLANT]);
        $slug = $row->get('slug')->text(InputLines::LONGEST_SLUG['value'], 1);
        $kind = in_array($slug, $this->kinds->known(), true) ? $this->kinds->get($slug) : null;
        $surface = Surface::from($row->get('surface')->word(array_column(Surface::cases(), 'value'), 'surface'));

        return new ToleranceClass(
            $slug,
            $row->get('name')->text(InputLines::LONGEST_NAME['value'], 1),
            $surface,
            $row->filled('limits')?->text(InputLines::LONGEST_SLUG['value'], 1) ?? $kind->limits ?? Target::columnOf($surface),
            $kind->looksLike ?? '',
            $kind->wiltsByAlcohol ?? false,
            $kind->hasBloom ?? false,
            $kind->bearsNoOil ?? false,
            $kind->planted ?? false,
        );
    }

    /** Times as strong as the recipe has it. */
    public function factor(): float
    {
        return $this->bench->filled('factor')?->positive() ?? 1.0;
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function circumstances(): Circumstances
    {
        $row = $this->bench->get('circumstances')->object(['season', 'air_celsius', 'inFlower', 'rinsed', 'pickedInDays', 'everyDays']);
        $season = $row->get('season')->word([...array_column(Season::cases(), 'value'), 'unknown'], 'season');
        $air = $row->filled('air_celsius');

        return new Circumstances(
            Season::tryFrom($season),
            $air === null ? null : Temperature::ofCelsius($air->number()),
            $row->get('inFlower')->flag(),
            $row->filled('pickedInDays')?->countUpTo(self::MOST_DAYS),
            $row->filled('everyDays')?->positive(self::MOST_DAYS),
            $row->get('rinsed')->flag(),
        );
    }
}
