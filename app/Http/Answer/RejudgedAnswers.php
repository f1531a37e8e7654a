<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Models\Round;
use App\Notebook\Places;
use DateTimeZone;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Words\Say;

/** Tells, until somebody has seen it, which rounds a newer version judges otherwise, and which cases it sprays after other days. */
final readonly class RejudgedAnswers
{
    /** Those that are told one by one; more would hide the day's work: ours. */
    private const TOLD = 12;

    public function __construct(private Places $places, private TroubleCatalogue $troubles) {}

    /** @return list<string> */
    public function all(DateTimeZone $zone): array
    {
        $changed = $this->places->rejudged();
        $rounds = $changed === [] ? [] : Round::query()->with(['batch', 'case.plant'])->whereIn('id', array_column($changed, 'round'))->get()->keyBy('id')->all();
        $said = [];
        foreach (array_slice($changed, 0, self::TOLD) as $one) {
            $round = $rounds[$one['round']] ?? null;
            if ($round !== null) {
                $said[] = Say::it('answers/rejudged-answers.round', [
                    'spray' => $round->name(),
                    'trouble' => $this->troubles->trouble($round->case->pest)->name,
                    'plant' => $round->case->plant->name,
                    'at' => Written::dayOfYear($round->sprayed_at->setTimezone($zone)),
                    'was' => self::judged($one['was']),
                    'now' => self::judged($one['now']),
                ]);
            }
        }

        array_push($said, ...$this->days());

        return count($changed) > self::TOLD ? [...$said, Say::it('answers/rejudged-answers.more', ['more' => count($changed) - self::TOLD])] : $said;
    }

    /** @return list<string> */
    private function days(): array
    {
        $moved = $this->places->repaced();
        $cases = $moved === [] ? [] : PestCase::query()->with('plant')->whereIn('id', array_column($moved, 'case'))->get()->keyBy('id')->all();
        $said = [];
        foreach (array_slice($moved, 0, self::TOLD) as $one) {
            $case = $cases[$one['case']] ?? null;
            if ($case !== null) {
                $named = ['trouble' => $this->troubles->trouble($case->pest)->name, 'plant' => $case->plant->name];
                $said[] = match (true) {
                    $one['now'] === null => Say::it('answers/rejudged-answers.no-next', $named),
                    $one['was'] === null => Say::it('answers/rejudged-answers.comes-now', [...$named, 'now' => $one['now']]),
                    default => Say::it('answers/rejudged-answers.other-days', [...$named, 'was' => $one['was'], 'now' => $one['now']]),
                };
            }
        }

        return $said;
    }

    /** @param array{outcome: string, percent: float|null} $judgement */
    private static function judged(array $judgement): string
    {
        $outcome = Outcome::tryFrom($judgement['outcome']);
        $percent = $judgement['percent'];

        return match (true) {
            $outcome === null || ! $outcome->isJudged() || $percent === null => Say::it('answers/rejudged-answers.not-judged'),
            $percent < 0.0 => Say::it('answers/rejudged-answers.more-of-them', ['percent' => Figures::percent(-$percent)]),
            default => Say::it('answers/rejudged-answers.fewer', ['percent' => Figures::percent($percent)]),
        };
    }
}
