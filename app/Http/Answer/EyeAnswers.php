<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\EyeRound;
use App\Records\Eyes;
use IdleMixer\Core\Evidence\Concordance;
use IdleMixer\Core\Leaf\EyeCorrection;
use IdleMixer\Core\Leaf\EyeTest;
use IdleMixer\Core\Wording\EyeWords;

/** Tells how an eye read. */
final class EyeAnswers
{
    public function of(EyeRound $round): EyeAnswer
    {
        $pairs = Eyes::pairs($round);
        $bias = EyeTest::bias($pairs);
        $agreement = $pairs === [] ? null : Concordance::of($pairs)->coefficient;

        return new EyeAnswer(
            $round->id,
            Instant::of($round->guessed_at),
            array_column($pairs, 0),
            array_map(static fn(array $pair): float => round($pair[1], 1), $pairs),
            $agreement,
            $bias['low'],
            $bias['high'],
            EyeWords::of($agreement, $bias['low'], $bias['high']),
            (new EyeCorrection($bias['low'], $bias['high']))->isWorthIt(),
        );
    }
}
