<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\MeasuredIn;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Vessel\Need;
use IdleMixer\Core\Vessel\NeedTable;
use IdleMixer\Core\Words\Say;

/** What is to be sprayed or drenched, to reckon from it how much to make. */
final readonly class NeedInput
{
    private const MOST_ROWS = 20;

    private const MOST_PLANTS = 10_000;

    private const LONGEST = 1000.0;

    private const DEEPEST = 100.0;

    /** @param list<Need> $needs */
    private function __construct(public array $needs, public ?float $sprayer, public Unit $unit) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, NeedTable $table): self
    {
        $object = $node->object(['plants', 'last', 'trial', 'beds', 'pots', 'leftBehind', 'sprayer', 'unit']);
        $needs = [
            ...self::rows($object->optional('plants'), 'plants', static fn(Node $row): Need => self::plants($row, $table)),
            ...self::use($object->optional('last'), 'last'),
            ...self::use($object->optional('trial'), 'trial'),
            ...self::rows($object->optional('beds'), 'beds', static fn(Node $row): Need => self::bed($row, $table)),
            ...self::rows($object->optional('pots'), 'pots', static fn(Node $row): Need => self::pots($row, $table)),
        ];
        if ($needs === []) {
            throw InvalidDocument::because('', Say::it('input/need-input.say-what-to-be-sprayed'), null);
        }
        $left = $object->optional('leftBehind');
        if ($left !== null && ! $left->isNull()) {
            $needs[] = Need::leftBehind(AmountReader::read($left, Dimension::Volume)->inBase());
        }
        $sprayer = $object->optional('sprayer');

        return new self(
            $needs,
            $sprayer === null || $sprayer->isNull() ? null : AmountReader::vessel($sprayer, 'A sprayer')->millilitres(),
            Unit::from($object->get('unit')->word(Unit::codes(Dimension::Volume), Say::it('input/need-input.unit-here'))),
        );
    }

    /**
     * @param callable(Node): Need $one
     *
     * @return list<Need>
     */
    private static function rows(?Node $node, string $what, callable $one): array
    {
        return $node === null ? [] : array_map($one, $node->items(0, self::MOST_ROWS, $what));
    }

    private static function plants(Node $node, NeedTable $table): Need
    {
        $row = $node->object(['size', 'count']);
        $size = $row->get('size')->word(array_keys($table->sizes()), Say::it('input/need-input.size-of-plant'));

        return Need::ofPlants($row->get('count')->whole(1, self::MOST_PLANTS), $table->plant($size)->value, $table->sizes()[$size]);
    }

    /** @return list<Need> */
    private static function use(?Node $node, string $code): array
    {
        if ($node === null || $node->isNull()) {
            return [];
        }
        $row = $node->object(['used', 'plants', 'now']);

        return [Need::ofUse(
            $code,
            AmountReader::read($row->get('used'), Dimension::Volume)->inBase(),
            $row->get('plants')->whole(1, self::MOST_PLANTS),
            $row->get('now')->whole(1, self::MOST_PLANTS),
        )];
    }

    private static function bed(Node $node, NeedTable $table): Need
    {
        $row = $node->object(['length', 'width', 'depth', 'measuredIn', 'dryness']);

        return Need::ofBed(
            $row->get('length')->positive(self::LONGEST),
            $row->get('width')->positive(self::LONGEST),
            $row->get('depth')->positive(self::DEEPEST),
            $table->soil($row->get('dryness')->word(array_keys($table->soils()), Say::it('input/need-input.state-of-soil')))->value,
            MeasuredIn::from($row->get('measuredIn')->word(array_column(MeasuredIn::cases(), 'value'), Say::it('input/need-input.way-to-measure-bed'))),
        );
    }

    private static function pots(Node $node, NeedTable $table): Need
    {
        $row = $node->object(['holds', 'count', 'dryness']);

        return Need::ofPots(
            $row->get('count')->whole(1, self::MOST_PLANTS),
            AmountReader::vessel($row->get('holds'), 'A pot')->millilitres(),
            $table->soil($row->get('dryness')->word(array_keys($table->soils()), Say::it('input/need-input.state-of-soil')))->value,
        );
    }
}
