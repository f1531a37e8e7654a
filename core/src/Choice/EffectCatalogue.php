<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Trouble;

/**
 * Which ways of working do something to which trouble, at which stage.
 *
 * @phpstan-type EffectRow array{effect: string, sure: int, why: string, source: string}
 */
final readonly class EffectCatalogue
{
    /** @param array<string, array<string, EffectRow>> $rows by "trouble/stage", then by way */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, array<string, EffectRow>> $rows */
        $rows = require __DIR__ . '/../../data/effects.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    /**
     * @param list<string> $ways
     *
     * @return list<Effect> strongest first; none when nothing of it works
     */
    public function of(Trouble $trouble, string $stage, array $ways): array
    {
        $found = [];
        foreach (array_intersect_key($this->rows["{$trouble->slug}/{$stage}"] ?? [], array_flip($ways)) as $way => $row) {
            $found[] = new Effect($way, $row['effect'] === 'kills', $row['sure'], $row['why'], $this->sources->get($row['source'])->key);
        }
        usort($found, static fn(Effect $a, Effect $b): int => self::weight($b) <=> self::weight($a));

        return $found;
    }

    /** 2 to 9: three for killing, two for holding back, times how sure that is. */
    public static function weight(Effect $effect): int
    {
        return ($effect->kills ? ChoiceLines::KILLS['value'] : ChoiceLines::HOLDS_OFF['value']) * $effect->sure;
    }
}
