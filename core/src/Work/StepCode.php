<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

/** What may be done at the bench. Each has its sentence in `core/words/en/steps.php`. */
enum StepCode: string
{
    case Protect = 'protect';
    case OldRest = 'old-rest';
    case WarmNeem = 'warm-neem';
    case SoakBark = 'soak-bark';
    case StockFirst = 'stock-first';
    case StockAdd = 'stock-add';
    case StockShake = 'stock-shake';
    case StockBlend = 'stock-blend';
    case StockLabel = 'stock-label';
    case FirstWater = 'first-water';
    case FirstWaterHalf = 'first-water-half';
    case PartFill = 'part-fill';
    case AddTank = 'add-tank';
    case AddJar = 'add-jar';
    case AddCup = 'add-cup';
    case AddBlender = 'add-blender';
    case TopUp = 'top-up';
    case ShakeHard = 'shake-hard';
    case ShakeJar = 'shake-jar';
    case Swirl = 'swirl';
    case Splash = 'splash';
    case LetDown = 'let-down';
    case CupWater = 'cup-water';
    case StirCup = 'stir-cup';
    case PourCup = 'pour-cup';
    case Blend = 'blend';
    case StirMilky = 'stir-milky';
    case JarWater = 'jar-water';
    case AddSwabJar = 'add-swab-jar';
    case TurnJar = 'turn-jar';
    case OpenWater = 'open-water';
    case AddOpen = 'add-open';
    case OpenTopUp = 'open-top-up';
    case StirOpen = 'stir-open';
    case StirEven = 'stir-even';
    case WhiskOpen = 'whisk-open';
    case SwirlHard = 'swirl-hard';
    case LetDownOpen = 'let-down-open';
    case PourCupOpen = 'pour-cup-open';
    case StandTest = 'stand-test';
    case Label = 'label';
    case LabelStock = 'label-stock';
    case UseAtOnce = 'use-at-once';
    case WashSprayer = 'wash-sprayer';
    case WashCan = 'wash-can';
    case KeepSwab = 'keep-swab';
    case TurnOver = 'turn-over';
    case Whip = 'whip';

    /** The same in a bucket, a jug or a can, which stand open: nothing is closed, and nothing shaken. */
    public function inOpen(): self
    {
        return match ($this) {
            self::FirstWater, self::FirstWaterHalf, self::PartFill => self::OpenWater,
            self::AddTank => self::AddOpen,
            self::TopUp => self::OpenTopUp,
            self::ShakeHard => self::WhiskOpen,
            self::Swirl => self::StirEven,
            self::LetDown => self::LetDownOpen,
            self::PourCup => self::PourCupOpen,
            default => $this,
        };
    }
}
