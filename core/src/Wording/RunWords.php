<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Method\Chore;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Run\RunStep;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what is done in the bed. */
final readonly class RunWords
{
    /** @param array<string, array{say: string, more: string}> $words */
    private function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, array{say: string, more: string}> $words */
        $words = Say::words('runs');

        return new self($words);
    }

    /**
     * @param array<string, string> $known what the run knows besides: `plants`, `chores`, `care`, `batch`, `mixed`, `spoons`, `again`, `rest`
     *
     * @return array{say: string, more: string}
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function step(RunStep $step, array $known): array
    {
        $move = $step->args['move'] ?? null;
        $known = $move === null ? $known : [...$known, 'move' => $this->filled("move/{$move}", [])['say']];

        return $this->filled($step->how === null ? $step->kind->value : $this->by($step->kind->value, $step->how), [...$step->args, ...$known]);
    }

    /**
     * How it is put on.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function how(RecipeUse $use): string
    {
        return $this->filled($this->by('how', $use->value), [])['say'];
    }

    /** Hand work before a spray; what is usual where its school names none. */
    public function chores(Method $method): string
    {
        return $method->before === [] ? $this->filled('chores', [])['say'] : implode(' ', array_map(static fn(Chore $one): string => $one->words(), $method->before));
    }

    /** Where there are no words for it, leaves are sprayed. */
    private function by(string $what, string $how): string
    {
        return isset($this->words["{$what}/{$how}"]) ? "{$what}/{$how}" : $what;
    }

    /**
     * @param float     $seconds until the oil has to be moved in again
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function again(float $seconds, RecipeUse $use, Method $method): string
    {
        // What its use says comes first: a swab's jar is turned over, a can is stirred.
        $by = $this->by('again', $use->value);

        return $this->filled($by === 'again' ? $this->by('again', $method->agitation->value) : $by, ['interval' => Durations::interval($seconds)])['say'];
    }

    /**
     * @param array<string, string|int|float> $known
     *
     * @return array{say: string, more: string}
     */
    private function filled(string $key, array $known): array
    {
        $row = $this->words[$key] ?? throw MissingWords::becauseOf($key);
        $fill = [];
        foreach ($known as $name => $value) {
            $fill["{{$name}}"] = (string) $value;
        }

        return ['say' => strtr($row['say'], $fill), 'more' => trim(strtr($row['more'], $fill))];
    }
}
