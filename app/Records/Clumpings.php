<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\LeafCounts;
use Illuminate\Database\Eloquent\Builder;

/** How clumped a pest sits in this garden, by what was counted on it leaf by leaf. */
final class Clumpings
{
    /** As many looks as say enough, the latest of them. */
    private const MOST_LOOKS = 60;

    public static function of(string $pest): Clumping
    {
        $counts = Count::query()->whereNotNull('each')->whereHas('case', static fn(Builder $case): Builder => $case->where('pest', $pest))->orderByDesc('counted_at')->orderByDesc('id')->limit(self::MOST_LOOKS)->get();

        return Clumping::shownBy(array_values(array_filter($counts->map(Looks::leaves(...))->all(), static fn(?LeafCounts $leaves): bool => $leaves !== null)));
    }
}
