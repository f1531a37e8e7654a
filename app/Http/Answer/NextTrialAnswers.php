<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\WeighedSpray;
use App\Records\Fresh;
use IdleMixer\Core\Choice\NextTrial;
use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Wording\TrialWords;
use IdleMixer\Core\Words\Say;

/** Proposes the next trial about a pest: what was tried, and what never was. */
final readonly class NextTrialAnswers
{
    public function __construct(private Fresh $fresh, private UntriedAnswers $untried) {}

    public function of(string $pest): ?NextTrialAnswer
    {
        $this->fresh->all();
        $known = [];
        foreach (WeighedSpray::query()->where('pest', $pest)->orderBy('rank')->get(['name', 'left_log', 'verdict']) as $row) {
            $known[$row->name] ??= [$row->left_log, RecordVerdict::from($row->verdict)];
        }
        foreach ($this->untried->families($pest) as $name => $log) {
            $known[Say::it('answers/next-trial-answers.never-tried-here', ['name' => $name])] = [$log, null];
        }
        $next = NextTrial::among($known, new Chance(1));

        return $next === null ? null : new NextTrialAnswer($next->one, $next->other, $next->size->units, round(100.0 * $next->size->power), TrialWords::next($next));
    }
}
