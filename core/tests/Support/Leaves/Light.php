<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use Random\Randomizer;

/** What the light does to a pixel: three gains, and how much glare lies over it. */
final class Light
{
    /** @var array{float, float, float} */
    private array $cast = [1.0, 1.0, 1.0];

    private float $angle;

    private float $offset;

    private float $soft;

    private float $dark;

    private float $slope = 0.06;

    private float $glareAngle;

    /** @param array{float, float} $middle */
    public function __construct(private readonly string $kind, Randomizer $chance, private readonly int $wide, private readonly int $high, private readonly array $middle, private readonly float $scale)
    {
        $some = static fn(float $from, float $to): float => $from + ($to - $from) * $chance->getInt(0, 1 << 20) / (1 << 20);
        $this->angle = $some(0.0, 2.0 * M_PI);
        $this->offset = $some(-0.5, 0.5) * $scale;
        $this->soft = $kind === 'soft-shadow' ? $some(0.35, 0.6) * $scale : 3.0;
        $this->dark = $kind === 'soft-shadow' ? $some(0.55, 0.75) : $some(0.5, 0.68);
        $this->glareAngle = $some(0.0, M_PI);
        if ($kind === 'slanted') {
            $this->slope = $some(0.2, 0.38);
        }
        if ($kind === 'cast') {
            $this->cast = $some(0.0, 1.0) < 0.6 ? [1.0, $some(0.88, 0.94), $some(0.7, 0.82)] : [$some(0.82, 0.9), $some(0.93, 0.97), 1.0];
        }
    }

    /** @return array{array{float, float, float}, float} */
    public function at(int $x, int $y, bool $onLeaf): array
    {
        $dx = $x - $this->middle[0];
        $dy = $y - $this->middle[1];
        $along = $dx * cos($this->angle) + $dy * sin($this->angle);
        $gain = 0.97 - $this->slope * (0.5 + $along / hypot($this->wide, $this->high));
        if ($this->kind === 'hard-shadow' || $this->kind === 'soft-shadow') {
            $in = max(0.0, min(1.0, 0.5 + ($along - $this->offset) / $this->soft));
            $gain *= 1.0 - (1.0 - $this->dark) * $in;
        }
        $glare = 0.0;
        if ($this->kind === 'glare' && $onLeaf) {
            $across = $dx * cos($this->glareAngle) + $dy * sin($this->glareAngle) - $this->offset * 0.5;
            $down = -$dx * sin($this->glareAngle) + $dy * cos($this->glareAngle);
            $glare = 0.85 * exp(-($across / (0.13 * $this->scale)) ** 2 - ($down / (0.7 * $this->scale)) ** 2);
        }

        return [[$gain * $this->cast[0], $gain * $this->cast[1], $gain * $this->cast[2]], $glare];
    }
}
