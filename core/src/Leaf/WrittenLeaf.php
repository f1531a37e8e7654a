<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** How one leaf looked, as it is written down: where on the drawing it was tapped, and how its share was found. */
final readonly class WrittenLeaf
{
    /**
     * @param string                                    $from  eye, photo or word (of older looks)
     * @param list<array{x: float, y: float, kind: string}> $spots on the drawn leaf, 0 to 1 from its top left
     */
    public function __construct(public SeenLeaf $seen, public string $from, public array $spots) {}

    /** @return array{leaf: int, share: float, low: float, high: float, kinds: list<string>, lost: bool, from: string, spots: list<array{x: float, y: float, kind: string}>} */
    public function write(): array
    {
        return [
            'leaf' => $this->seen->number,
            'share' => $this->seen->share,
            'low' => $this->seen->low,
            'high' => $this->seen->high,
            'kinds' => array_map(static fn(InjuryKind $kind): string => $kind->value, $this->seen->kinds),
            'lost' => $this->seen->lost,
            'from' => $this->from,
            'spots' => $this->spots,
        ];
    }
}
