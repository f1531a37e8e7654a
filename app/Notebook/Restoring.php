<?php

declare(strict_types=1);

namespace App\Notebook;

use DateTimeImmutable;

/** Puts a copy in the place of the notebook: looked at before and after, and what it replaces is kept. */
final readonly class Restoring
{
    public function __construct(private Places $places, private Inspector $inspector, private Copies $copies, private Copier $copier) {}

    /**
     * @return list<string> what is to be told, as sentences
     *
     * @throws Refused    when it is no copy that can be opened
     * @throws StoreFault when a file cannot be read or written
     */
    public function restore(string $copy, DateTimeImmutable $now): array
    {
        if (! is_file($copy)) {
            throw new Refused("There is no file {$copy}. Nothing was changed.");
        }
        $half = "{$this->places->notebook}.half";
        $plain = "{$half}.copy";
        Files::remove($half);
        Files::remove($plain);
        try {
            // A copy may lie where nobody may write, and SQLite writes beside what it opens.
            Copier::plain($copy, $plain);
            $found = $this->inspector->look($plain);
            if (! $found->condition->opens()) {
                throw new Refused("{$copy} cannot be restored: {$this->why($found)}. Nothing was changed.");
            }
            $this->copier->copy($plain, $half);
            $kept = $this->copies->setAside('before-restore', $now);
            Files::replace($this->places->notebook, $half);
            foreach (Files::BESIDE as $beside) {
                @unlink($this->places->notebook . $beside);
            }
        } finally {
            Files::remove($half);
            Files::remove($plain);
        }
        $after = $this->inspector->look($this->places->notebook);
        if (! $after->condition->opens()) {
            throw new Refused("{$copy} was copied, and what arrived is not whole: {$this->why($after)}." . ($kept === null ? '' : " What was there before is in {$kept}"));
        }

        return [
            ...($kept === null ? [] : ["What was in the notebook before is kept in {$kept}"]),
            "The notebook is as it was in {$copy}",
        ];
    }

    private function why(Finding $found): string
    {
        return match ($found->condition) {
            Condition::Newer => "it is of notebook version {$found->detail}, which a newer Idle Mixer wrote",
            Condition::Emptied => 'it is an empty file',
            Condition::Damaged => "it is damaged: {$found->detail}",
            default => "it is not a notebook of Idle Mixer: {$found->detail}",
        };
    }
}
