<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Mix\Strengths;

/** Any oil harms it. */
final readonly class NoOil implements Bound
{
    public function __construct(private string $onto) {}

    public function times(Strengths $strengths): float
    {
        return $strengths->oily() > 0.0 ? \INF : 0.0;
    }

    public function level(Strengths $strengths): Level
    {
        return $strengths->oily() > 0.0 ? Level::Stop : Level::Ok;
    }

    public function verdict(Strengths $strengths): ?Verdict
    {
        return $strengths->oily() > 0.0 ? Verdict::of(Finding::NoOil, ['percent' => $strengths->oily(), 'onto' => $this->onto]) : null;
    }
}
