<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use IdleMixer\Core\Ask\Gate;
use IdleMixer\Core\Document\JsonText;

/** Short ways to ask whether a spray may go on a plant. */
final readonly class Gates
{
    /** @param list<array{code: string, about: string, level: string, text: string, remedy: string}> $reasons */
    private function __construct(public string $level, public array $reasons, /** @var list<string> */ public array $cautions, public float $pickFromDays, public string $proven) {}

    /**
     * Of a grown plant outdoors and, where nothing else is said, a clean leaf test of the very spray ten days ago.
     *
     * @param string|array<string, mixed> $spray slug of a shipped one, or a spray as the open document has it
     * @param array<string, mixed>        $plant a plant now
     * @param array<string, mixed>        $more  had, tests, everyDays, water
     */
    public static function ask(string|array $spray, array $plant, array $more = []): self
    {
        $spray = is_string($spray) ? ['recipe' => $spray] : $spray;
        $tested = [...array_diff_key($spray, ['bottle' => true]), 'daysAgo' => 10, 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true];
        $asked = ['spray' => $spray, 'plant' => ['place' => 'outdoors', 'stage' => null, ...$plant], 'tests' => [$tested], ...$more];
        $answer = Gate::shipped()->answer(JsonText::parse(json_encode($asked, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION)));

        return new self($answer['level'], $answer['reasons'], $answer['cautions'], $answer['pickFromDays'], $answer['proven']);
    }

    /** @return array<string, mixed> three leaves that stayed clean ten days ago */
    public static function clean(string $recipe): array
    {
        return ['daysAgo' => 10, 'recipe' => $recipe, 'factor' => 1, 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true];
    }

    /**
     * A recipe by the litre, made up to the mark.
     *
     * @param array<string, array{0: float|int, 1: string, 2?: float|int}> $lines amount, unit and strength by ingredient
     *
     * @return array<string, mixed>
     */
    public static function of(array $lines): array
    {
        $written = [];
        foreach ($lines as $ingredient => $line) {
            $written[] = ['ingredient' => $ingredient, 'amount' => $line[0], 'unit' => $line[1], ...isset($line[2]) ? ['strength' => $line[2]] : []];
        }

        return ['recipe' => Plans::recipe($written, ['amount' => 1, 'unit' => 'L', 'of' => 'finished'])];
    }

    /** @return list<string> codes of all reasons */
    public function codes(): array
    {
        return array_column($this->reasons, 'code');
    }

    public function told(): string
    {
        return implode("\n", array_map(static fn(array $one): string => "{$one['level']} {$one['code']}: {$one['text']} {$one['remedy']}", $this->reasons));
    }
}
