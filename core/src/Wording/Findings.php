<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use DateTimeImmutable;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Schedule\Task;

/** Puts what was seen and what needs doing into sentences. */
final readonly class Findings
{
    /**
     * @param array<string, string>                           $leaf
     * @param array<string, string>                           $outcomes
     * @param array<string, array{text: string, do: string}> $tasks
     */
    public function __construct(private array $leaf, private array $outcomes, private array $tasks) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $leaf */
        $leaf = require __DIR__ . '/../../data/leaf-words.php';
        /** @var array<string, string> $outcomes */
        $outcomes = require __DIR__ . '/../../data/outcome-words.php';
        /** @var array<string, array{text: string, do: string}> $tasks */
        $tasks = require __DIR__ . '/../../data/task-words.php';

        return new self($leaf, $outcomes, $tasks);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function leafTest(LeafTest $test, LeafTestOutcome $outcome, DateTimeImmutable $now): string
    {
        $hours = max(0.0, ($test->dueAt()->getTimestamp() - $now->getTimestamp()) / 3600.0);

        return strtr($this->leaf[$outcome->value] ?? throw MissingWords::becauseOf($outcome->value), ['{left}' => Durations::rounded($hours)]);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function trial(Trial $trial): string
    {
        $outcome = $trial->outcome();
        $percent = $trial->reduction() ?? 0.0;
        $shown = Figures::percent(abs($percent));

        $words = strtr($this->outcomes[$outcome->value] ?? throw MissingWords::becauseOf($outcome->value), [
            '{percent}' => $shown,
            '{change}' => $percent < 0.0 ? "{$shown} % more" : "{$shown} % fewer",
            '{before}' => Figures::short($trial->before() ?? 0.0),
            '{after}' => Figures::short($trial->after() ?? 0.0),
            '{later}' => Figures::short($trial->later()),
            '{limit}' => Figures::short($outcome === Outcome::Worked ? Trial::WORKED_FROM : Trial::HELPED_FROM),
            '{fewest}' => Figures::short(Trial::FEWEST_BEFORE),
            '{fair}' => Durations::words($trial->fairLookHours()) . ' or more after spraying',
        ]);

        return $trial->rounds === 1 ? $words : "Programme of {$trial->rounds} rounds. {$words}";
    }

    /**
     * @return array{text: string, do: string}
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function task(Task $task): array
    {
        $row = $this->tasks[$task->kind->value] ?? throw MissingWords::becauseOf($task->kind->value);

        return ['text' => strtr($row['text'], ['{about}' => $task->about]), 'do' => $row['do']];
    }
}
