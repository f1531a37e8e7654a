<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Data\BoughtLines;

/** On which plants insects were set out so lately that nothing wets their leaves. */
final class SetOuts
{
    /** @return array<int, DateTimeImmutable> when it was last, by plant */
    public static function lately(DateTimeImmutable $now): array
    {
        $out = [];
        foreach (Round::query()->where('bought_kind', BoughtKind::Insects->value)->where('sprayed_at', '>', $now->modify('-' . BoughtLines::LEFT_ALONE['value'] . ' days'))->where('sprayed_at', '<=', $now)->with('case:id,plant_id')->orderBy('sprayed_at')->get() as $round) {
            $out[$round->case->plant_id] = $round->sprayed_at;
        }

        return $out;
    }
}
