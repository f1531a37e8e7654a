<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Words\Say;

/** "A ring of oil after 45 s in a glass 8 cm high": gives back the droplet size. */
final readonly class GlassReading
{
    private const SMALLEST = EmulsionLines::SMALLEST_DROP['value'];

    private const LARGEST = EmulsionLines::LARGEST_DROP['value'];

    private const STEPS = 80;

    /**
     * @param float $seconds until the ring was seen, above 0
     * @param float $height  of the mix in the glass, mm, above 0
     * @param float $oil     share of oil in the mix, v/v, above 0
     *
     * @throws InvalidQuantity when one of them is not above 0 and finite
     */
    public function __construct(private float $seconds, private float $height, private float $oil)
    {
        foreach (['time' => $seconds, 'height' => $height, 'oil' => $oil] as $what => $value) {
            if (! is_finite($value) || $value <= 0.0) {
                throw InvalidQuantity::becauseNotPositive($value, match ($what) {
                    'time' => Say::it('emulsion/glass-reading.time'),
                    'height' => Say::it('emulsion/glass-reading.height'),
                    'oil' => Say::it('emulsion/glass-reading.oil'),
                });
            }
        }
    }

    /**
     * The median droplet, by halving: a coarser mix shows its ring sooner.
     *
     * @param float $ring mm of oil that is seen as a ring
     *
     * @return float µm
     */
    public function medianDiameter(Stokes $stokes, float $spread, float $ring): float
    {
        $low = self::SMALLEST;
        $high = self::LARGEST;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $middle = sqrt($low * $high);
            $layer = $this->oil * $this->height * (new Creaming(new Droplets($middle, $spread), $stokes))->onTop($this->height, $this->seconds);
            [$low, $high] = $layer < $ring ? [$middle, $high] : [$low, $middle];
        }

        return sqrt($low * $high);
    }
}
