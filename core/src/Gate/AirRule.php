<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;

/** How warm it is while it is sprayed, where somebody said. */
final readonly class AirRule implements Rule
{
    public function __construct(private Limits $limits) {}

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function verdicts(Question $question): array
    {
        if ($question->air === null || (! $question->lands(Surface::Leaf) && ! $question->lands(Surface::Wood))) {
            return [];
        }
        $celsius = $question->air->celsius();
        $strengths = $question->spray->strengths;
        $oily = $strengths->oily() > 0.0;
        $hot = $this->limits->get('oil-hot');
        $cold = $this->limits->get('oil-cold');
        $warm = $this->limits->get('soap-warm');
        $args = static fn(float $limit): array => ['celsius' => $celsius, 'limit' => $limit];

        return [match (true) {
            $oily && $celsius > $hot->value => Verdict::of(Finding::TooHot, $args($hot->value), $hot->source),
            $oily && $celsius < $cold->value => Verdict::of(Finding::TooCold, $args($cold->value), $cold->source),
            $strengths->in(SubstanceGroup::Soap) + $strengths->in(SubstanceGroup::Soda) > 0.0 && $celsius > $warm->value => Verdict::of(Finding::TooWarmForSoap, $args($warm->value), $warm->source),
            default => Verdict::of(Finding::TemperatureFine, $args($oily ? $hot->value : $warm->value), $oily ? $hot->source : $warm->source),
        }];
    }
}
