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
        $rounds = array_values($case->rounds->all());
        $history = $this->history($case, $rounds);
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

    /** @return list<array{non-empty-list<Round>, Trial}> what is judged as one: a round, or a programme of one spray; steps of mixed ones by themselves */
    public function judged(PestCase $case): array
    {
        $rounds = array_values($case->rounds->all());
        $history = $this->history($case, $rounds);
        $single = $history->trials();
        $all = [];
        foreach ($history->judgements() as $one) {
            if ($one->oneSpray) {
                $all[] = [array_map(static fn(int $i): Round => $rounds[$i], $one->rounds), $one->trial];
            } else {
                array_push($all, ...array_map(static fn(int $i): array => [[$rounds[$i]], $single[$i]], $one->rounds));
            }
        }

        return $all;
    }

    /** @param list<Round> $rounds earliest first */
    private function history(PestCase $case, array $rounds): CaseHistory
    {
        $kind = $this->troubles->trouble($case->pest)->kind;

        return new CaseHistory(
            array_map(fn(Round $round): Sprayed => new Sprayed(
                $round->sprayed_at,
                $this->fairLook->against($kind, $round->fairLookHours()),
                $round->bought()?->key() ?? $round->name(),
                $this->fairLook->isOfWinter($round->fairLookHours()),
            ), $rounds),
            array_values($case->counts->map(static fn(Count $count): Counted => new Counted($count->counted_at, $count->value, $count->untreated, Looks::leaves($count)))->all()),
        );
    }
}
