<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Leaf\LeafRole;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Leaf\TestLeaf;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what a leaf test says, and how it is planned. */
final readonly class LeafWords
{
    /**
     * @param array<string, string> $outcomes
     * @param array{leaves: list<string>, when: list<string>, waits: array<int, string>, roles: array<string, string>, rungs: array<string, string>} $advice
     */
    private function __construct(private array $outcomes, private array $advice) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $outcomes */
        $outcomes = Say::words('leaf-outcomes');
        /** @var array{leaves: list<string>, when: list<string>, waits: array<int, string>, roles: array<string, string>, rungs: array<string, string>} $advice */
        $advice = Say::words('leaf-advice');

        return new self($outcomes, $advice);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function outcome(LeafTest $test, DateTimeImmutable $now): string
    {
        $outcome = $test->outcome($now);
        $key = $outcome === LeafTestOutcome::SaysNothing ? "{$outcome->value}-{$test->silence()?->value}" : $outcome->value;
        $clean = $test->strongestClean($now);
        $counted = $clean === null ? 0 : $test->at($clean)->cleanLeaves();
        [$most, $beside] = self::worst($test);

        return strtr($this->outcomes[$key] ?? throw MissingWords::becauseOf($key), [
            '{left}' => Durations::rounded(max(0.0, ($test->dueAt()->getTimestamp() - $now->getTimestamp()) / 3600.0)),
            '{leaves}' => (string) $counted,
            '{share}' => LeavesIn::percent($counted === 0 ? 100.0 : 100.0 * Interval::noneOf($counted)->high),
            '{rung}' => $this->rung($clean ?? 1.0),
            '{most}' => Figures::percent(max(0.0, $most)),
            '{beside}' => Figures::percent($beside),
            '{clean}' => Figures::percent(LeafLines::CLEAN['value']),
            '{slight}' => Figures::percent(LeafLines::SLIGHT['value']),
            '{hurt}' => Figures::percent(LeafLines::BESIDE_HURT['value']),
            '{fewest}' => (string) LeafLines::FEWEST['value'],
        ]);
    }

    /**
     * @param float            $share   percent of the worst leaves
     * @param list<InjuryKind> $kinds
     * @param list<BurnCause>  $special
     */
    public static function burn(float $share, array $kinds, array $special): string
    {
        $words = [...array_map(static fn(InjuryKind $one): string => $one->words(), $kinds), ...array_map(static fn(BurnCause $one): string => $one->words(), $special)];

        return Say::it('wording/leaf-words.worst-leaves-burnt-by', ['percent' => Figures::percent($share), 'value' => $words === [] ? '' : ': ' . implode(', ', $words)]);
    }

    public function rung(float $rung): string
    {
        return $this->advice['rungs'][(string) $rung] ?? Figures::short($rung);
    }

    public function leaf(TestLeaf $leaf): string
    {
        return $leaf->role === LeafRole::Sprayed ? $this->rung($leaf->rung) : $this->advice['roles'][$leaf->role->value];
    }

    /** @return list<string> which leaves, and when */
    public function plan(): array
    {
        return [...$this->advice['leaves'], ...$this->advice['when']];
    }

    public function wait(int $hours): string
    {
        return $this->advice['waits'][$hours] ?? throw MissingWords::becauseOf((string) $hours);
    }

    /** @return array{float, float} percent of the worst sprayed leaf, less what the leaves beside show, and of those */
    private static function worst(LeafTest $test): array
    {
        $most = 0.0;
        $beside = 0.0;
        foreach ($test->looks as $look) {
            $hurt = $look->besideIsHurt($test->leaves);
            $most = $hurt ? $most : max($most, $look->most($test->leaves));
            $beside = max($beside, $look->beside($test->leaves));
        }

        return [$most, $beside];
    }
}
