<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Trial;
use App\Models\TrialLook;
use IdleMixer\Core\Evidence\Lots;
use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\SpotLook;
use IdleMixer\Core\Evidence\TrialPlan;
use IdleMixer\Core\Schedule\Task;

/** Reads trials by lot from the notebook, and what each that is under way asks for. */
final class OpenTrials
{
    public static function read(Trial $trial): LotTrial
    {
        return new LotTrial(Lots::draw($trial->seed, $trial->units), array_map(static fn(TrialLook $look): SpotLook => new SpotLook($look->counted_at, Looks::ofTrial($look)), array_values($trial->looks->all())), $trial->sprayed_at);
    }

    /** @return array<int, Task> by trial */
    public static function tasks(): array
    {
        $tasks = [];
        foreach (Trial::query()->whereNull('ended_at')->with('looks')->orderBy('id')->get() as $trial) {
            [$kind, $at] = TrialPlan::next(self::read($trial), $trial->begun_at);
            $tasks[$trial->id] = new Task($kind, $trial->id, $trial->name, $at);
        }

        return $tasks;
    }
}
