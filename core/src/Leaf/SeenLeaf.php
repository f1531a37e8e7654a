<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** How one leaf of a test looked. */
final readonly class SeenLeaf
{
    /**
     * @param int              $number as on its mark
     * @param float            $share  hurt, percent of the leaf
     * @param float            $low    percent, at the least
     * @param float            $high   percent, at the most
     * @param list<InjuryKind> $kinds
     * @param bool             $lost   gone for another reason than the spray: torn off, eaten
     */
    public function __construct(public int $number, public float $share, public float $low, public float $high, public array $kinds = [], public bool $lost = false) {}

    public function isGrave(): bool
    {
        return array_filter($this->kinds, static fn(InjuryKind $kind): bool => $kind->isGrave()) !== [];
    }
}
