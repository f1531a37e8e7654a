<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/**
 * Oil rising in a vessel that nobody shakes. Every droplet rises by itself at the speed of Stokes; that holds for the thin
 * mixes of this craft, a few percent of oil.
 */
final class Creaming
{
    /** @var non-empty-list<float>|null mm/s, one for each equal share of the oil; worked out when first asked for */
    private ?array $speeds = null;

    public function __construct(private readonly Droplets $droplets, private readonly Stokes $stokes) {}

    /**
     * What a tube at a height draws, as a share of what was mixed, after standing.
     *
     * @param float $height  mm above the bottom
     * @param float $seconds 0 or more
     */
    public function drawn(float $height, float $seconds): float
    {
        $speeds = $this->speeds();
        $left = 0;
        // Slowest first: after the first that has risen past the tube, all have.
        foreach ($speeds as $speed) {
            if ($speed * $seconds > $height) {
                break;
            }
            ++$left;
        }

        return $left / count($speeds);
    }

    /**
     * The share of the oil that lies on top after standing.
     *
     * @param float $height of the vessel's contents, mm, above 0
     */
    public function onTop(float $height, float $seconds): float
    {
        $risen = 0.0;
        foreach ($this->speeds() as $speed) {
            $way = $speed * $seconds / $height;
            $risen += $way < 1.0 ? $way : 1.0;
        }

        return $risen / count($this->speeds());
    }

    /**
     * Seconds until what the tube draws has drifted from the mix by more than the tolerance: until the fastest share of
     * that size has risen past the tube.
     *
     * @param float $height    of the tube, mm
     * @param float $tolerance share, above 0 and below 1
     */
    public function secondsToDrift(float $height, float $tolerance): float
    {
        return $height / $this->stokes->speed($this->droplets->quantile(1.0 - $tolerance));
    }

    /**
     * What comes out of an unshaken tank that is sprayed empty from the bottom, tenth by tenth, as multiples of the mix.
     * A droplet that rises as fast as the level sinks, or faster, leaves only at the very end.
     *
     * @param float $height  of the tank's contents, mm
     * @param float $seconds to spray it empty
     *
     * @return non-empty-list<float> ten of them; their mean is 1, for what goes in comes out
     */
    public function tenths(float $height, float $seconds): array
    {
        $sinking = $height / $seconds;
        $early = 0.0;
        foreach ($this->speeds() as $speed) {
            $early += max(0.0, 1.0 - $speed / $sinking);
        }
        $early /= count($this->speeds());
        // Of each share, nine tenths of the volume carry this much; the last tenth carries what is left.
        return [...array_fill(0, 9, $early), 10.0 - 9.0 * $early];
    }

    /** @return non-empty-list<float> */
    private function speeds(): array
    {
        return $this->speeds ??= array_map($this->stokes->speed(...), $this->droplets->diameters());
    }
}
