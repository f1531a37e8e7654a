<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Reads how the leaves of a test looked. */
final class ReadingReader
{
    private const FROM = ['eye', 'photo', 'word'];

    private const MOST_SPOTS = 60;

    private const MOST_LEAVES = 40;

    /**
     * @param TestLeaves|null $test the leaves that must all be told of; null where that was looked at before
     *
     * @return list<WrittenLeaf>
     *
     * @throws InvalidDocument when a leaf is unknown, told twice or missing, or a share is none
     */
    public static function read(Node $node, ?TestLeaves $test): array
    {
        $all = array_map(self::leaf(...), $node->items(0, self::MOST_LEAVES, 'leaves'));
        if ($test === null) {
            return $all;
        }
        $told = array_map(static fn(WrittenLeaf $one): int => $one->seen->number, $all);
        $asked = array_map(static fn(TestLeaf $one): int => $one->number, $test->all);
        sort($told);
        if ($told !== $asked) {
            throw $node->fault(Say::it('leaf/reading-reader.say-of-each-leaf-of', ['asked' => implode(', ', $asked)]));
        }

        return $all;
    }

    private static function leaf(Node $node): WrittenLeaf
    {
        $object = $node->object(['leaf', 'share', 'low', 'high', 'kinds', 'lost', 'from', 'spots']);
        $share = self::percent($object->get('share'));
        $low = $object->filled('low') === null ? $share : self::percent($object->get('low'));
        $high = $object->filled('high') === null ? $share : self::percent($object->get('high'));
        if ($low > $share || $high < $share) {
            throw $object->get('share')->fault(Say::it('leaf/reading-reader.share-of-leaf-lies-between'));
        }
        $kinds = array_map(static fn(Node $kind): InjuryKind => InjuryKind::from($kind->word(array_column(InjuryKind::cases(), 'value'), Say::it('leaf/reading-reader.kind-of-injury'))), $object->filled('kinds')?->items(0, count(InjuryKind::cases()), 'kinds') ?? []);

        return new WrittenLeaf(
            new SeenLeaf($object->get('leaf')->whole(1, self::MOST_LEAVES), $share, $low, $high, $kinds, $object->filled('lost')?->flag() ?? false),
            $object->filled('from')?->word(self::FROM, 'way') ?? 'eye',
            array_map(self::spot(...), $object->filled('spots')?->items(0, self::MOST_SPOTS, 'spots') ?? []),
        );
    }

    /** @return array{x: float, y: float, kind: string} */
    private static function spot(Node $node): array
    {
        $object = $node->object(['x', 'y', 'kind']);
        $part = static function (Node $one): float {
            $value = $one->number();

            return $value >= 0.0 && $value <= 1.0 ? $value : throw $one->fault(Say::it('leaf/reading-reader.place-on-drawn-leaf-number'));
        };

        return ['x' => $part($object->get('x')), 'y' => $part($object->get('y')), 'kind' => $object->get('kind')->word(array_column(InjuryKind::cases(), 'value'), Say::it('leaf/reading-reader.kind-of-injury'))];
    }

    private static function percent(Node $node): float
    {
        $value = $node->number();

        return $value >= 0.0 && $value <= 100.0 ? $value : throw $node->fault(Say::it('leaf/reading-reader.share-percent-of-leaf-0'));
    }
}
