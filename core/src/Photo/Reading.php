<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** How the user wants a picture read: where the line between hurt and healthy lies, and what to leave out. */
final readonly class Reading
{
    /**
     * @param float                              $strictness -1 to 1: above 0 more counts as hurt, below less
     * @param list<array{float, float, float}>   $leaveOut   circles as shares of the picture: x of its width, y of its height, radius of its long side
     * @param list<array{float, float, float}>   $healthy    circles of what looks hurt and is not: a vein, a label
     */
    public function __construct(public float $strictness = 0.0, public array $leaveOut = [], public array $healthy = []) {}
}
