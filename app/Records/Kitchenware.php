<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Household;
use App\Models\ShelfBottle;
use IdleMixer\Core\Document\HabitsNode;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Habit\Habits;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\Vocabulary;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Vessel\UsualFill;

/** Whose spoons this household means, and what it measured of its own amounts by eye. */
final readonly class Kitchenware
{
    public function __construct(private Vocabulary $vocabulary, private PhraseReader $phrases, private Reading $reading) {}

    public function kitchen(): ?Kitchen
    {
        return Kitchen::tryFrom($this->row()->kitchen ?? '');
    }

    /** Null where nobody said how hours, days, numbers and the weather are written here. */
    public function habits(): ?Habits
    {
        $kept = $this->row()?->writes;

        return $kept === null ? null : HabitsNode::read(JsonText::parse($kept));
    }

    /** How much is mixed for a leaf test; where nobody said whose cups these are, they are US cups. */
    public function leafCup(): Amount
    {
        return UsualFill::cup(in_array($this->kitchen(), [null, Kitchen::Us], true));
    }

    /** @return array<string, float> mL by code */
    public function byEye(): array
    {
        $stored = JsonText::parse($this->row()->by_eye ?? '{}')->object($this->vocabulary->byEyeCodes());
        $all = [];
        foreach ($this->vocabulary->byEyeCodes() as $code) {
            $ml = $stored->optional($code)?->positive();
            if ($ml !== null) {
                $all[$code] = $ml;
            }
        }

        return $all;
    }

    /** 0 while nothing was said yet. */
    public function version(): int
    {
        return $this->row()->version ?? 0;
    }

    /**
     * @param int                  $basedOn the version that was on the screen
     * @param array<string, float> $byEye   mL by code
     * @param Habits|null          $habits  null where each device proposes its own
     *
     * @throws TwoVersions when it was changed since
     */
    public function keep(int $basedOn, ?Kitchen $kitchen, array $byEye, ?Habits $habits): void
    {
        $row = $this->household();
        Edits::fill($row, $basedOn, [
            'kitchen' => $kitchen?->value,
            'by_eye' => json_encode((object) $byEye, \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
            'writes' => $habits === null ? null : json_encode(HabitsNode::told($habits), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES),
        ]);
        $row->save();
    }

    /** @param list<Recipe> $stocks stocks that a line may speak of */
    public function reader(array $stocks = []): PhraseReader
    {
        return $this->phrases->in($this->kitchen(), $this->byEye(), $stocks, $this->bottles());
    }

    /** @return array<array-key, string> slug of what is in each bottle of the shelf, by what the household calls it */
    private function bottles(): array
    {
        $names = [];
        foreach (ShelfBottle::query()->whereNull('retired_at')->get(['words', 'ingredient']) as $bottle) {
            $names[$bottle->words] = $bottle->ingredient;
        }

        return $names;
    }

    /** To be changed: one that says nothing yet where there is none. */
    public function household(): Household
    {
        $row = $this->row() ?? new Household(['id' => 1, 'version' => 0, 'kitchen' => null, 'by_eye' => '{}', 'free_days' => null, 'writes' => null]);
        $row->syncOriginal();

        return $row;
    }

    public function row(): ?Household
    {
        return $this->reading->once('household', static fn(): ?Household => Household::query()->first());
    }
}
