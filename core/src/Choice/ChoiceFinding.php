<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** What may speak for or against a spray, or exclude it. Each has its sentence in `core/words/en/choice-reasons.php` or `exclusions.php`. */
enum ChoiceFinding: string
{
    case Kills = 'kills';
    case Checks = 'checks';
    case UsedFor = 'used-for';
    case InCupboard = 'in-cupboard';
    case LittleWork = 'little-work';
    case Missing = 'missing';
    case StandsIn = 'stands-in';
    case MuchWork = 'much-work';
    case Wait = 'wait';
    case Smell = 'smell';
    case Own = 'own';
    case OwnLast = 'own-last';
    case HalfIsEnough = 'half-is-enough';
    case Bench = 'bench';
    case NotHeld = 'not-held';
    case Flammable = 'flammable';
    case LeafWins = 'leaf-wins';
    case Half = 'half';
    case High = 'high';
    case NoEffect = 'no-effect';
    case DrenchOnLeaf = 'drench-on-leaf';
    case SprayOnSoil = 'spray-on-soil';
    case DrenchPlanted = 'drench-planted';
    case WinterOnly = 'winter-only';
    case LeavesOnly = 'leaves-only';
    case HairyAlcohol = 'hairy-alcohol';
    case Seedling = 'seedling';
    case SoapSensitive = 'soap-sensitive';
    case Cats = 'cats';
    case SodaForNothing = 'soda-for-nothing';
    case SoapTooWeak = 'soap-too-weak';

    /** Key of the source that it always rests on; null where that hangs on what decides it, or where it tells of the house alone. */
    public function source(): ?string
    {
        return match ($this) {
            self::UsedFor, self::Smell, self::HalfIsEnough, self::NoEffect, self::DrenchOnLeaf, self::SprayOnSoil, self::DrenchPlanted, self::LeavesOnly,
            self::HairyAlcohol, self::Seedling, self::SoapSensitive, self::Cats, self::SodaForNothing, self::SoapTooWeak => 'practice',
            self::WinterOnly => 'extension-oil',
            self::Kills, self::Checks, self::InCupboard, self::LittleWork, self::Missing, self::StandsIn, self::MuchWork, self::Wait, self::Own, self::OwnLast,
            self::Bench, self::NotHeld, self::Flammable, self::LeafWins, self::Half, self::High => null,
        };
    }

    /** Whether it is only not chosen while something else works, and may go on with care where it was begun. */
    public function wantsCare(): bool
    {
        return in_array($this, [self::HairyAlcohol, self::Seedling, self::SoapSensitive], true);
    }
}
