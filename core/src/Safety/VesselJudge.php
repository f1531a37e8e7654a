<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;

/** What the water and the vessel have to do with it. */
final readonly class VesselJudge
{
    public function __construct(private Limits $limits) {}

    /** Peroxide and soda give off gas. */
    public static function givesOffGas(Strengths $strengths): bool
    {
        return $strengths->in(SubstanceGroup::Peroxide) > 0.0 && $strengths->in(SubstanceGroup::Soda) > 0.0;
    }

    /**
     * @param float|null $water °C; null when unknown
     *
     * @return list<Verdict>
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Strengths $strengths, ?float $water): array
    {
        $hot = $this->limits->get('water-hot');

        return array_values(array_filter([
            $water !== null && $water > $hot->value ? Verdict::of(Finding::HotWater, ['celsius' => $water, 'limit' => $hot->value], $hot->source) : null,
            self::givesOffGas($strengths) ? Verdict::of(Finding::Gas) : null,
        ]));
    }
}
