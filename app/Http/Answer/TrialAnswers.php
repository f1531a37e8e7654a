<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Trial;
use App\Models\TrialLook;
use App\Records\Looks;
use App\Records\OpenTrials;
use IdleMixer\Core\Evidence\Lots;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\TrialWords;

/** Tells of a trial: who gets what, what was counted, and what it says. */
final readonly class TrialAnswers
{
    public function __construct(private TroubleCatalogue $troubles) {}

    public function of(Trial $trial): TrialAnswer
    {
        $lots = Lots::draw($trial->seed, $trial->units);
        $looks = array_values($trial->looks->all());
        $counted = OpenTrials::read($trial);
        $found = $counted->result();
        $trouble = $this->troubles->trouble($trial->pest);

        return new TrialAnswer(
            $trial->id,
            $trial->submission,
            $trial->version,
            $trial->name,
            $trial->pest,
            $trouble->name,
            $trial->one,
            $trial->other,
            $trial->unit,
            $trial->units,
            $trial->blind,
            Instant::of($trial->begun_at),
            Instant::maybe($trial->sprayed_at),
            Instant::maybe($trial->ended_at),
            $trial->conclusion,
            $lots,
            array_map(static fn(TrialLook $look): TrialLookAnswer => new TrialLookAnswer($look->id, $look->submission, $look->version, Instant::of($look->counted_at), Looks::ofTrial($look)), $looks),
            $found?->percent,
            $found?->low,
            $found?->high,
            $counted->isSettled(),
            TrialWords::result($counted, $trial->one, $trial->other),
        );
    }
}
