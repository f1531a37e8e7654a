<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** The rounds of a case with the counts around them. */
final readonly class CaseTrials
{
    public function __construct(private TroubleCatalogue $troubles, private FairLook $fairLook) {}

    /** @return array<int, Trial> by the id of the round, earliest first; a programme of one spray is judged at its last round */
    public function of(PestCase $case): array
    {
        $kind = $this->troubles->trouble($case->pest)->kind;
        $rounds = array_values($case->rounds->all());
        $history = new CaseHistory(
            array_map(fn(Round $round): Sprayed => new Sprayed(
                $round->sprayed_at,
                $this->fairLook->against($kind, $round->batch->fair_look_hours),
                $round->batch->name,
                $this->fairLook->isOfWinter($round->batch->fair_look_hours),
            ), $rounds),
            array_values($case->counts->map(static fn(Count $count): Counted => new Counted($count->counted_at, $count->value, $count->untreated))->all()),
        );
        $trials = [];
        foreach ($history->trials() as $i => $trial) {
            $trials[$rounds[$i]->id] = $trial;
        }
        foreach ($history->judgements() as $one) {
            if ($one->isProgramme() && $one->oneSpray) {
                $trials[$rounds[$one->rounds[count($one->rounds) - 1]]->id] = $one->trial;
            }
        }

        return $trials;
    }
}
