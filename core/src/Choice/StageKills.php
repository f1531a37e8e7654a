<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\Stage;
use IdleMixer\Core\Trouble\Trouble;

/** What a round of a spray kills of each stage of a trouble, what it did not reach left out: as much as gardeners and handbooks know its ways of working to. */
final readonly class StageKills
{
    private const PERCENT = 100.0;

    public function __construct(private EffectCatalogue $effects) {}

    public static function shipped(): self
    {
        return new self(EffectCatalogue::shipped());
    }

    /** Of a spray that nobody knows: most of what moves, and no egg. Common practice, no source. */
    public function unknown(): Kill
    {
        $most = EvidenceLines::UNKNOWN_DOWN['value'] / self::PERCENT;

        return new Kill([Stage::Young->value => $most, Stage::Adult->value => $most]);
    }

    /** @param list<string> $ways that the spray works in */
    public function of(Trouble $trouble, array $ways): Kill
    {
        $shares = [];
        foreach ($trouble->stages as $named) {
            $most = 0.0;
            foreach ($this->effects->of($trouble, $named, $ways) as $effect) {
                $most = max($most, ($effect->kills ? EvidenceLines::KILLS_DOWN : EvidenceLines::CHECKS_DOWN)['value'][$effect->sure] ?? 0.0);
            }
            foreach (self::stages($named) as $stage) {
                $shares[$stage->value] = max($shares[$stage->value] ?? 0.0, $most / self::PERCENT);
            }
        }

        return new Kill($shares);
    }

    /**
     * What a trouble's own name for a stage stands for. What rests is out of reach, and eggs are where nobody says that they are not.
     *
     * @return list<Stage>
     */
    private static function stages(string $named): array
    {
        return match ($named) {
            'any', 'active' => [Stage::Young, Stage::Adult],
            'adults' => [Stage::Adult],
            'crawlers', 'nymphs', 'larvae' => [Stage::Young],
            'eggs' => [Stage::Egg],
            default => [],
        };
    }
}
