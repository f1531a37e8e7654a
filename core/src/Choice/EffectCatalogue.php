<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Words\Say;

/**
 * Which ways of working do something to which trouble, at which stage.
 *
 * @phpstan-type EffectRow array{effect: string, sure: int, why: string, source: string}
 */
final readonly class EffectCatalogue
{
    /** @param array<string, array<string, array<string, EffectRow>>> $rows by trouble, stage and way */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, array<string, array<string, EffectRow>>> $rows */
        $rows = Things::of('troubles')->column('effects');

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
        foreach (array_intersect_key($this->rows[$trouble->slug][$stage] ?? [], array_flip($ways)) as $way => $row) {
            $found[] = new Effect($way, $row['effect'] === 'kills', $row['sure'], Say::it("effects/{$row['why']}", ['trouble' => lcfirst($trouble->name)]), $this->sources->get($row['source'])->key);
        }
        usort($found, static fn(Effect $a, Effect $b): int => self::weight($b) <=> self::weight($a));

        return $found;
    }

    /**
     * Whether anything of it works.
     *
     * @param string       $trouble slug
     * @param list<string> $ways
     */
    public function does(string $trouble, string $stage, array $ways): bool
    {
        return array_intersect_key($this->rows[$trouble][$stage] ?? [], array_flip($ways)) !== [];
    }

    /** 2 to 9: three for killing, two for holding back, times how sure that is. */
    public static function weight(Effect $effect): int
    {
        return ($effect->kills ? ChoiceLines::KILLS['value'] : ChoiceLines::HOLDS_OFF['value']) * $effect->sure;
    }
}
