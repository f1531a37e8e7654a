<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Quantity\MeasuredIn;

/** How much to make: mL of finished spray or drench, and what it was reckoned from. */
final readonly class Need
{
    /** A last load below this share of the sprayer is a bother to mix and measure: our own line. */
    private const LEAST_LOAD = VesselLines::LEAST_LOAD['value'];

    private const CM_PER_M = 100.0;

    private const ML_PER_M3 = 1_000_000.0;

    /** @param array<string, float|string> $args */
    private function __construct(public string $code, public float $millilitres, public array $args) {}

    /** So many plants of a size, each taking so many mL. */
    public static function ofPlants(int $count, float $each, string $size): self
    {
        return new self('plants', $count * $each, ['count' => (float) $count, 'each' => $each, 'size' => $size]);
    }

    /**
     * As much for each plant as last time, or as a trial with plain water took.
     *
     * @param float $used   mL, above 0
     * @param int   $plants that it covered, 1 or more
     * @param int   $now    that are to be covered
     */
    public static function ofUse(string $code, float $used, int $plants, int $now): self
    {
        return new self($code, $used / $plants * $now, ['used' => $used, 'plants' => (float) $plants, 'now' => (float) $now]);
    }

    /**
     * A bed wetted to a depth.
     *
     * @param float $length m or ft
     * @param float $width  m or ft
     * @param float $depth  cm or in
     * @param float $share  of its volume that the soil takes up
     */
    public static function ofBed(float $length, float $width, float $depth, float $share, MeasuredIn $in = MeasuredIn::Metres): self
    {
        return new self(
            'bed',
            $in->metres($length) * $in->metres($width) * $in->centimetres($depth) / self::CM_PER_M * $share * self::ML_PER_M3,
            ['length' => $length, 'width' => $width, 'long' => $in->long(), 'depth' => $depth, 'short' => $in->short(), 'share' => 100.0 * $share],
        );
    }

    /**
     * Pots wetted through.
     *
     * @param float $holds mL of one pot
     * @param float $share of its volume that the soil takes up
     */
    public static function ofPots(int $count, float $holds, float $share): self
    {
        return new self('pots', $count * $holds * $share, ['count' => (float) $count, 'holds' => $holds, 'share' => 100.0 * $share]);
    }

    /** What stays in hose and bottom and never reaches a leaf. */
    public static function leftBehind(float $millilitres): self
    {
        return new self('left-behind', $millilitres, ['left' => $millilitres]);
    }

    /**
     * A volume near the one needed whose last load is worth mixing: a small remainder is left out or made up to a quarter.
     *
     * @param float $needed  mL, above 0
     * @param float $sprayer mL of the largest fill, above 0
     */
    public static function sensible(float $needed, float $sprayer): float
    {
        $full = floor($needed / $sprayer + 1e-9);
        $rest = $needed - $full * $sprayer;
        if ($full < 1.0 || $rest <= 1e-6 * $sprayer || $rest >= self::LEAST_LOAD * $sprayer) {
            return $needed;
        }

        return $rest < ScoopPlan::TOLERANCE * $sprayer ? $full * $sprayer : ($full + self::LEAST_LOAD) * $sprayer;
    }
}
