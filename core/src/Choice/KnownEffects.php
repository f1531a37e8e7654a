<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Trouble\Trouble;

/** What gardeners and handbooks know a family of sprays to do to a pest, as a figure that a household's own cases move. */
final readonly class KnownEffects
{
    public function __construct(private EffectCatalogue $effects) {}

    public static function shipped(): self
    {
        return new self(EffectCatalogue::shipped());
    }

    /** @param SprayFamily|null $family null where nobody knows what went in */
    public function of(Trouble $pest, ?SprayFamily $family): Prior
    {
        return $family === null ? Prior::unknown() : Prior::known($this->percent($pest, $family));
    }

    /** Whether anybody knows it to do something to the pest. */
    public function does(Trouble $pest, SprayFamily $family): bool
    {
        return $this->percent($pest, $family) > EvidenceLines::NOTHING_DOWN['value'];
    }

    /** Percent down, by the stage on which it does most. */
    private function percent(Trouble $pest, SprayFamily $family): float
    {
        $most = EvidenceLines::NOTHING_DOWN['value'];
        foreach ($pest->stages as $stage) {
            foreach ($this->effects->of($pest, $stage, self::ways($family)) as $effect) {
                $most = max($most, ($effect->kills ? EvidenceLines::KILLS_DOWN : EvidenceLines::CHECKS_DOWN)['value'][$effect->sure] ?? EvidenceLines::NOTHING_DOWN['value']);
            }
        }

        return $most;
    }

    /** @return list<string> keys of `effects.php` */
    private static function ways(SprayFamily $family): array
    {
        return match ($family) {
            SprayFamily::Oil => ['oil', 'winter-oil'],
            SprayFamily::Neem => ['neem', 'systemic-neem', 'drench'],
            default => [$family->value],
        };
    }
}
