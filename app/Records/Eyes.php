<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\EyeRound;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\EyeCorrection;
use IdleMixer\Core\Leaf\EyeTest;
use IdleMixer\Core\Leaf\LeafShape;

/** How the eye of this household reads leaves. */
final class Eyes
{
    /** @return list<array{float, float}> read and true */
    public static function pairs(EyeRound $round): array
    {
        $guesses = array_map(static fn(Node $one): float => $one->number(), JsonText::parse($round->guesses)->items(1, 100, 'guesses'));

        return EyeTest::of(LeafShape::from($round->shape), $round->seed)->pairs($guesses);
    }

    /** By the last ten leaves; null where nobody trained it. */
    public static function correction(): ?EyeCorrection
    {
        $round = EyeRound::query()->orderByDesc('id')->first();
        if ($round === null) {
            return null;
        }
        $bias = EyeTest::bias(self::pairs($round));

        return new EyeCorrection($bias['low'], $bias['high']);
    }
}
