<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Standing;
use IdleMixer\Core\Source\UnknownSource;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Puts what was seen and what needs doing into sentences. */
final readonly class Findings
{
    /**
     * @param array<string, string>                           $outcomes
     * @param array<string, string>                           $formulas
     * @param array<string, array{text: string, do: string, short: string}> $tasks
     */
    public function __construct(private array $outcomes, private array $formulas, private array $tasks, private UnsprayedCatalogue $unsprayed, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $outcomes */
        $outcomes = Say::words('outcomes');
        /** @var array<string, string> $formulas */
        $formulas = Say::words('formulas');
        /** @var array<string, array{text: string, do: string, short: string}> $tasks */
        $tasks = Say::words('tasks');

        return new self($outcomes, $formulas, $tasks, UnsprayedCatalogue::shipped(), SourceCatalogue::shipped());
    }

    /**
     * @throws MissingWords  when the catalogue lacks the sentence
     * @throws UnknownSource when a limit names a source that is not listed
     */
    public function trial(Trial $trial): string
    {
        $outcome = $trial->outcome();
        $percent = $trial->reduction() ?? 0.0;
        $shown = Figures::percent(abs($percent));

        $within = $trial->beforeWithin;
        $key = $outcome === Outcome::NoCountBefore && $within === null ? 'no-count-since' : $outcome->value;
        $words = strtr($this->outcomes[$key] ?? throw MissingWords::becauseOf($key), [
            '{percent}' => $shown,
            '{change}' => $percent < 0.0 ? "{$shown} % more" : "{$shown} % fewer",
            '{before}' => Figures::short($trial->before() ?? 0.0),
            '{after}' => Figures::short($trial->after() ?? 0.0),
            '{later}' => Figures::short($trial->later()),
            '{limit}' => Figures::short($outcome === Outcome::Worked ? Trial::WORKED_FROM : Trial::HELPED_FROM),
            '{fewest}' => Figures::short(Trial::FEWEST_BEFORE),
            '{control}' => Figures::short(EvidenceLines::FEWEST_UNTREATED['value']),
            '{fresh}' => $within === null ? '' : Durations::words($within['value']),
            '{fair}' => Say::it('wording/findings.or-more-after-spraying', ['fair-look-hours' => Durations::words($trial->fairLookHours())]),
        ]);

        return $trial->rounds === 1 ? $words : Say::it('wording/findings.programme-of-rounds', ['rounds' => $trial->rounds, 'words' => $words]);
    }

    /**
     * Where the limit comes from that decides what a round did; null where none does.
     *
     * @throws UnknownSource when the limit names a source that is not listed
     */
    public function standing(Trial $trial): ?Standing
    {
        $source = $trial->source();

        return $source === null ? null : $this->sources->get($source)->standing;
    }

    /**
     * By what a judged round was reckoned, how sure that is, and what can be said where nothing was compared; empty where it is
     * not judged.
     *
     * @param Clumping $clumping how the pest sits in this garden
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function formula(Trial $trial, string $pest, Clumping $clumping): string
    {
        $formula = $trial->outcome()->isJudged() ? $trial->formula() : null;
        $interval = $trial->interval($clumping);
        if ($formula === null || $interval === null) {
            return '';
        }
        [$least, $most] = $this->unsprayed->of($pest)->after($trial->days());

        return strtr("{$this->formulaWords($formula->value)} {$this->formulaWords('interval')}", [
            '{cb}' => Figures::short($trial->untreatedBefore()->value ?? 0.0),
            '{ca}' => Figures::short($trial->untreated()->value ?? 0.0),
            '{least}' => Figures::short(round($least * ($trial->before() ?? 0.0))),
            '{most}' => Figures::short(round($most * ($trial->before() ?? 0.0))),
            '{low}' => Figures::short(round($interval->low)),
            '{high}' => Figures::short(round($interval->high)),
        ]);
    }

    private function formulaWords(string $key): string
    {
        return $this->formulas[$key] ?? throw MissingWords::becauseOf($key);
    }

    /**
     * @return array{text: string, do: string, short: string}
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function task(Task $task): array
    {
        $row = $this->tasks[$task->kind->value] ?? throw MissingWords::becauseOf($task->kind->value);

        return ['text' => strtr($row['text'], ['{about}' => $task->about]), 'do' => $row['do'], 'short' => $row['short']];
    }

    /**
     * Of what is mixed, while some of it is good.
     *
     * @param string $state where it stands, in words
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function stands(Task $task, string $state): string
    {
        return strtr(($this->tasks['stands'] ?? throw MissingWords::becauseOf('stands'))['text'], ['{about}' => $task->about, '{state}' => lcfirst($state)]);
    }
}
