<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

/**
 * What may be found out about a spray. Each has its sentence in `core/words/en/verdicts.php`; what it is about, how bad it is and where it
 * comes from are decided here for every one of them: a new one that is not decided does not pass the type checker.
 */
enum Finding: string
{
    case OilOk = 'oil-ok';
    case OilCaution = 'oil-caution';
    case OilStop = 'oil-stop';
    case NeemOk = 'neem-ok';
    case NeemCaution = 'neem-caution';
    case NeemStop = 'neem-stop';
    case EssentialOk = 'essential-ok';
    case EssentialCaution = 'essential-caution';
    case EssentialStop = 'essential-stop';
    case OilsTogetherCaution = 'oils-together-caution';
    case OilsTogetherStop = 'oils-together-stop';
    case NoOil = 'no-oil';
    case OilOnBloom = 'oil-on-bloom';
    case KitchenOilHeavy = 'kitchen-oil-heavy';
    case SoapOk = 'soap-ok';
    case SoapCaution = 'soap-caution';
    case SoapStop = 'soap-stop';
    case DetergentOk = 'detergent-ok';
    case DetergentCaution = 'detergent-caution';
    case DetergentStop = 'detergent-stop';
    case NonIonicCaution = 'non-ionic-caution';
    case SodaOk = 'soda-ok';
    case SodaCaution = 'soda-caution';
    case SodaStop = 'soda-stop';
    case AlcoholOk = 'alcohol-ok';
    case AlcoholCaution = 'alcohol-caution';
    case AlcoholStop = 'alcohol-stop';
    case PeroxideOk = 'peroxide-ok';
    case PeroxideCaution = 'peroxide-caution';
    case PeroxideStop = 'peroxide-stop';
    case Swab = 'swab';
    case SwabOnHairs = 'swab-on-hairs';
    case ActiveSoap = 'active-soap';
    case WeakSoap = 'weak-soap';
    case WeakSoapWater = 'weak-soap-water';
    case WeakDetergent = 'weak-detergent';
    case WeakOil = 'weak-oil';
    case WeakNeem = 'weak-neem';
    case WeakAlcohol = 'weak-alcohol';
    case WeakAlcoholSoft = 'weak-alcohol-soft';
    case WeakSoda = 'weak-soda';
    case WeakEssentialOil = 'weak-essential-oil';
    case HotWater = 'hot-water';
    case Gas = 'gas';
    case HighEndOverflow = 'high-end-overflow';
    case MeasuredOver = 'measured-over';
    case MeasuredOverTogether = 'measured-over-together';
    case WinterOilInSeason = 'winter-oil-in-season';
    case RepeatedOk = 'repeated-ok';
    case RepeatedCaution = 'repeated-caution';
    case RepeatedStop = 'repeated-stop';
    case EssentialRepeatedOk = 'essential-repeated-ok';
    case EssentialRepeatedCaution = 'essential-repeated-caution';
    case EssentialRepeatedStop = 'essential-repeated-stop';
    case LeafSprayOnSoil = 'leaf-spray-on-soil';
    case EmulsionEnough = 'emulsion-enough';
    case EmulsionMarginal = 'emulsion-marginal';
    case EmulsionShortMore = 'emulsion-short-more';
    case EmulsionShortMoreOrSoft = 'emulsion-short-more-or-soft';
    case EmulsionShortSoftWater = 'emulsion-short-soft-water';
    case EmulsionShortEmulsifierFirst = 'emulsion-short-emulsifier-first';
    case EmulsionShortKeepMoving = 'emulsion-short-keep-moving';
    case EmulsionStirred = 'emulsion-stirred';
    case TooHot = 'too-hot';
    case TooCold = 'too-cold';
    case TooWarmForSoap = 'too-warm-for-soap';
    case TemperatureFine = 'temperature-fine';
    case InFlower = 'in-flower';
    case PickedSoon = 'picked-soon';
    case PickedLater = 'picked-later';
    case DrenchOnLeaves = 'drench-on-leaves';
    case DrenchOnSoil = 'drench-on-soil';
    case WinterOilOnLeaves = 'winter-oil-on-leaves';
    case StockOnly = 'stock-only';
    case MeasureOver = 'measure-over';
    case MeasureUnder = 'measure-under';
    case MeasureNear = 'measure-near';
    case MeasureTenfold = 'measure-tenfold';
    case MeasureThinned = 'measure-thinned';
    case MeasureInStock = 'measure-in-stock';
    case CompareApart = 'compare-apart';
    case CompareSame = 'compare-same';
    case CompareAlike = 'compare-alike';
    case BatchFit = 'batch-fit';
    case BatchKeptTooLong = 'batch-kept-too-long';
    case BatchDiscarded = 'batch-discarded';
    case BatchNotFinished = 'batch-not-finished';
    case BatchUnsteady = 'batch-unsteady';
    case LeafTestNone = 'leaf-test-none';
    case LeafTestUnknown = 'leaf-test-unknown';
    case LeafTestStronger = 'leaf-test-stronger';
    case LeafTestWaiting = 'leaf-test-waiting';
    case LeafTestLookNow = 'leaf-test-look-now';
    case LeafTestLookAgain = 'leaf-test-look-again';
    case LeafTestGoAhead = 'leaf-test-go-ahead';
    case LeafTestGoAheadAndRounds = 'leaf-test-go-ahead-and-rounds';
    case LeafTestWeaken = 'leaf-test-weaken';
    case LeafTestRefuse = 'leaf-test-refuse';
    case DrenchPlanted = 'drench-planted';
    case WinterOilOnGreen = 'winter-oil-on-green';
    case BareUnknown = 'bare-unknown';
    case InFlowerIndoors = 'in-flower-indoors';
    case DryRoot = 'dry-root';
    case Young = 'young';
    case YoungMild = 'young-mild';
    case SoapSensitiveCaution = 'soap-sensitive-caution';
    case SoapSensitiveStop = 'soap-sensitive-stop';
    case HadOk = 'had-ok';
    case HadCaution = 'had-caution';
    case HadStop = 'had-stop';
    case EssentialHadOk = 'essential-had-ok';
    case EssentialHadCaution = 'essential-had-caution';
    case EssentialHadStop = 'essential-had-stop';
    case StrongOilAgainCaution = 'strong-oil-again-caution';
    case StrongOilAgainStop = 'strong-oil-again-stop';
    case SulfurCaution = 'sulfur-caution';
    case SulfurStop = 'sulfur-stop';
    case CopperLately = 'copper-lately';
    case InsectsOut = 'insects-out';
    case InTrial = 'in-trial';
    case BurntBefore = 'burnt-before';
    case MarkedBefore = 'marked-before';
    case BurntFamily = 'burnt-family';
    case BurntLately = 'burnt-lately';
    case EatenRaw = 'eaten-raw';
    case UnknownMix = 'unknown-mix';
    case BatchOld = 'batch-old';
    case WeedKiller = 'weed-killer';
    case PeroxideBottleCaution = 'peroxide-bottle-caution';
    case PeroxideBottleStop = 'peroxide-bottle-stop';
    case LeafTestFaded = 'leaf-test-faded';
    case RarePlant = 'rare-plant';
    case LeafTestThisBottle = 'leaf-test-this-bottle';

    /** The code of the open plan document: what is judged, however the judgement falls. Empty where it is that of another finding. */
    public function code(): string
    {
        return match ($this) {
            self::OilOk, self::OilCaution, self::OilStop => 'oil-strength',
            self::NeemOk, self::NeemCaution, self::NeemStop => 'neem-strength',
            self::EssentialOk, self::EssentialCaution, self::EssentialStop => 'essential-strength',
            self::OilsTogetherCaution, self::OilsTogetherStop => 'oils-together',
            self::NoOil => 'no-oil',
            self::OilOnBloom => 'oil-on-bloom',
            self::KitchenOilHeavy => 'kitchen-oil-heavy',
            self::SoapOk, self::SoapCaution, self::SoapStop => 'soap-strength',
            self::DetergentOk, self::DetergentCaution, self::DetergentStop => 'detergent-strength',
            self::NonIonicCaution => 'non-ionic-strength',
            self::SodaOk, self::SodaCaution, self::SodaStop => 'soda-strength',
            self::AlcoholOk, self::AlcoholCaution, self::AlcoholStop => 'alcohol-strength',
            self::PeroxideOk, self::PeroxideCaution, self::PeroxideStop => 'peroxide-strength',
            self::Swab, self::SwabOnHairs => 'swab',
            self::ActiveSoap => 'active-soap',
            self::WeakSoap, self::WeakSoapWater => 'weak-soap',
            self::WeakDetergent => 'weak-detergent',
            self::WeakOil => 'weak-oil',
            self::WeakNeem => 'weak-neem',
            self::WeakAlcohol, self::WeakAlcoholSoft => 'weak-alcohol',
            self::WeakSoda => 'weak-soda',
            self::WeakEssentialOil => 'weak-essential-oil',
            self::HotWater => 'hot-water',
            self::Gas => 'gas',
            self::HighEndOverflow => 'overflow',
            self::WinterOilInSeason => 'season',
            self::RepeatedOk, self::RepeatedCaution, self::RepeatedStop, self::HadOk, self::HadCaution, self::HadStop => 'repeated',
            self::EssentialRepeatedOk, self::EssentialRepeatedCaution, self::EssentialRepeatedStop, self::EssentialHadOk, self::EssentialHadCaution, self::EssentialHadStop => 'essential-repeated',
            self::LeafSprayOnSoil => 'leaf-spray-on-soil',
            self::EmulsionEnough, self::EmulsionStirred, self::EmulsionMarginal, self::EmulsionShortMore, self::EmulsionShortMoreOrSoft, self::EmulsionShortSoftWater, self::EmulsionShortEmulsifierFirst, self::EmulsionShortKeepMoving => 'emulsion',
            self::TooHot, self::TooCold, self::TooWarmForSoap, self::TemperatureFine => 'temperature',
            self::InFlower, self::InFlowerIndoors => 'in-flower',
            self::PickedSoon, self::PickedLater => 'picked-soon',
            self::DrenchOnLeaves, self::DrenchOnSoil => 'drench-on-leaves',
            self::WinterOilOnLeaves, self::WinterOilOnGreen => 'winter-oil-on-leaves',
            self::StockOnly => 'stock-only',
            self::MeasureOver, self::MeasureUnder, self::MeasureNear, self::MeasureTenfold, self::MeasureThinned => 'measure-coarse',
            self::MeasureInStock => 'measure-in-stock',
            self::BatchFit, self::BatchKeptTooLong, self::BatchDiscarded, self::BatchNotFinished, self::BatchOld => 'batch',
            self::BatchUnsteady => 'stand-test',
            self::LeafTestNone, self::LeafTestUnknown, self::LeafTestStronger, self::LeafTestWaiting, self::LeafTestLookNow, self::LeafTestLookAgain, self::LeafTestGoAhead, self::LeafTestGoAheadAndRounds, self::LeafTestWeaken, self::LeafTestRefuse, self::LeafTestFaded, self::LeafTestThisBottle => 'leaf-test',
            self::DrenchPlanted => 'drench-planted',
            self::BareUnknown => 'bare-unknown',
            self::DryRoot => 'dry-root',
            self::Young, self::YoungMild => 'young-plant',
            self::SoapSensitiveCaution, self::SoapSensitiveStop => 'soap-sensitive',
            self::StrongOilAgainCaution, self::StrongOilAgainStop => 'strong-oil-again',
            self::SulfurCaution, self::SulfurStop => 'sulfur-lately',
            self::CopperLately => 'copper-lately',
            self::InsectsOut => 'insects-out',
            self::InTrial => 'in-trial',
            self::BurntBefore => 'burnt-before',
            self::MarkedBefore => 'marked-before',
            self::BurntFamily => 'burnt-family',
            self::BurntLately => 'burnt-lately',
            self::EatenRaw => 'eaten-raw',
            self::RarePlant => 'rare-plant',
            self::UnknownMix => 'unknown-mix',
            self::WeedKiller => 'weed-killer',
            self::PeroxideBottleCaution, self::PeroxideBottleStop => 'peroxide-bottle',
            self::MeasuredOver, self::MeasuredOverTogether, self::CompareApart, self::CompareSame, self::CompareAlike => '',
        };
    }

    /** Where it speaks of another finding or of one substance, what that is about counts; see `Verdict`. */
    public function about(): About
    {
        return match ($this) {
            self::OilOk, self::OilCaution, self::OilStop, self::OilsTogetherCaution, self::OilsTogetherStop, self::NoOil, self::KitchenOilHeavy => About::Oil,
            self::NeemOk, self::NeemCaution, self::NeemStop => About::Neem,
            self::EssentialOk, self::EssentialCaution, self::EssentialStop => About::Essential,
            self::OilOnBloom, self::Swab, self::SwabOnHairs, self::LeafSprayOnSoil, self::PickedSoon, self::PickedLater, self::DrenchOnLeaves, self::DrenchOnSoil, self::LeafTestNone, self::LeafTestUnknown, self::LeafTestStronger, self::LeafTestWaiting, self::LeafTestLookNow, self::LeafTestLookAgain, self::LeafTestGoAhead, self::LeafTestGoAheadAndRounds, self::LeafTestWeaken, self::LeafTestRefuse, self::DrenchPlanted, self::DryRoot, self::Young, self::YoungMild, self::BurntBefore, self::MarkedBefore, self::BurntFamily, self::BurntLately, self::EatenRaw, self::LeafTestFaded, self::LeafTestThisBottle, self::RarePlant => About::Place,
            self::SoapOk, self::SoapCaution, self::SoapStop, self::SoapSensitiveCaution, self::SoapSensitiveStop => About::Soap,
            self::DetergentOk, self::DetergentCaution, self::DetergentStop => About::Detergent,
            self::NonIonicCaution, self::EmulsionEnough, self::EmulsionStirred, self::EmulsionMarginal, self::EmulsionShortMore, self::EmulsionShortMoreOrSoft, self::EmulsionShortSoftWater, self::EmulsionShortEmulsifierFirst, self::EmulsionShortKeepMoving, self::BatchUnsteady => About::Emulsion,
            self::SodaOk, self::SodaCaution, self::SodaStop => About::Soda,
            self::AlcoholOk, self::AlcoholCaution, self::AlcoholStop => About::Alcohol,
            self::PeroxideOk, self::PeroxideCaution, self::PeroxideStop, self::PeroxideBottleCaution, self::PeroxideBottleStop => About::Peroxide,
            self::ActiveSoap => About::ActiveSoap,
            self::WeakSoap, self::WeakSoapWater, self::WeakDetergent, self::WeakOil, self::WeakNeem, self::WeakAlcohol, self::WeakAlcoholSoft, self::WeakSoda, self::WeakEssentialOil => About::Weak,
            self::HotWater, self::Gas, self::StockOnly, self::BatchFit, self::BatchKeptTooLong, self::BatchDiscarded, self::BatchNotFinished, self::UnknownMix, self::BatchOld, self::WeedKiller => About::Container,
            self::HighEndOverflow, self::MeasuredOver, self::MeasuredOverTogether, self::MeasureOver, self::MeasureUnder, self::MeasureInStock, self::MeasureNear, self::MeasureTenfold, self::MeasureThinned => About::Measuring,
            self::WinterOilInSeason, self::InFlower, self::WinterOilOnLeaves, self::WinterOilOnGreen, self::BareUnknown, self::InFlowerIndoors => About::Season,
            self::RepeatedOk, self::RepeatedCaution, self::RepeatedStop, self::EssentialRepeatedOk, self::EssentialRepeatedCaution, self::EssentialRepeatedStop, self::HadOk, self::HadCaution, self::HadStop, self::EssentialHadOk, self::EssentialHadCaution, self::EssentialHadStop, self::StrongOilAgainCaution, self::StrongOilAgainStop, self::SulfurCaution, self::SulfurStop, self::CopperLately, self::InsectsOut, self::InTrial => About::Repeat,
            self::TooHot, self::TooCold, self::TooWarmForSoap, self::TemperatureFine => About::Weather,
            self::CompareApart, self::CompareSame, self::CompareAlike => About::Oil,
        };
    }

    public function level(): Level
    {
        return match ($this) {
            self::OilOk, self::NeemOk, self::EssentialOk, self::SoapOk, self::DetergentOk, self::SodaOk, self::AlcoholOk, self::PeroxideOk, self::Swab, self::ActiveSoap, self::RepeatedOk, self::EssentialRepeatedOk, self::EmulsionEnough, self::EmulsionStirred, self::EmulsionMarginal, self::TemperatureFine, self::PickedLater, self::DrenchOnSoil, self::MeasureInStock, self::CompareSame, self::CompareAlike, self::BatchFit, self::LeafTestGoAhead, self::LeafTestGoAheadAndRounds, self::HadOk, self::EssentialHadOk, self::LeafTestThisBottle, self::WeakAlcoholSoft, self::MeasureNear, self::MeasureThinned => Level::Ok,
            self::OilCaution, self::NeemCaution, self::EssentialCaution, self::OilsTogetherCaution, self::OilOnBloom, self::KitchenOilHeavy, self::SoapCaution, self::DetergentCaution, self::NonIonicCaution, self::SodaCaution, self::AlcoholCaution, self::PeroxideCaution, self::WeakSoap, self::WeakSoapWater, self::WeakDetergent, self::WeakOil, self::WeakNeem, self::WeakAlcohol, self::WeakSoda, self::WeakEssentialOil, self::Gas, self::HighEndOverflow, self::MeasuredOver, self::MeasuredOverTogether, self::RepeatedCaution, self::EssentialRepeatedCaution, self::LeafSprayOnSoil, self::EmulsionShortMore, self::EmulsionShortMoreOrSoft, self::EmulsionShortSoftWater, self::EmulsionShortEmulsifierFirst, self::EmulsionShortKeepMoving, self::TooWarmForSoap, self::PickedSoon, self::StockOnly, self::MeasureOver, self::MeasureUnder, self::CompareApart, self::LeafTestNone, self::LeafTestUnknown, self::LeafTestStronger, self::LeafTestWaiting, self::LeafTestLookNow, self::LeafTestLookAgain, self::LeafTestWeaken, self::BareUnknown, self::InFlowerIndoors, self::YoungMild, self::SoapSensitiveCaution, self::HadCaution, self::EssentialHadCaution, self::StrongOilAgainCaution, self::SulfurCaution, self::CopperLately, self::InsectsOut, self::InTrial, self::MarkedBefore, self::BurntFamily, self::BurntLately, self::UnknownMix, self::BatchOld, self::PeroxideBottleCaution, self::LeafTestFaded, self::SwabOnHairs, self::RarePlant => Level::Caution,
            self::OilStop, self::NeemStop, self::EssentialStop, self::OilsTogetherStop, self::NoOil, self::SoapStop, self::DetergentStop, self::SodaStop, self::AlcoholStop, self::PeroxideStop, self::HotWater, self::WinterOilInSeason, self::RepeatedStop, self::EssentialRepeatedStop, self::TooHot, self::TooCold, self::InFlower, self::DrenchOnLeaves, self::WinterOilOnLeaves, self::BatchKeptTooLong, self::BatchDiscarded, self::BatchNotFinished, self::BatchUnsteady, self::LeafTestRefuse, self::DrenchPlanted, self::WinterOilOnGreen, self::DryRoot, self::Young, self::SoapSensitiveStop, self::HadStop, self::EssentialHadStop, self::StrongOilAgainStop, self::SulfurStop, self::BurntBefore, self::EatenRaw, self::WeedKiller, self::PeroxideBottleStop, self::MeasureTenfold => Level::Stop,
        };
    }

    /** Key of the source that it always rests on; null where it comes with the limit that was used. */
    public function source(): ?string
    {
        return match ($this) {
            self::OilOk, self::OilCaution, self::OilStop, self::NeemOk, self::NeemCaution, self::NeemStop, self::EssentialOk, self::EssentialCaution, self::EssentialStop, self::SoapOk, self::SoapCaution, self::SoapStop, self::DetergentOk, self::DetergentCaution, self::DetergentStop, self::NonIonicCaution, self::SodaOk, self::SodaCaution, self::SodaStop, self::AlcoholOk, self::AlcoholCaution, self::AlcoholStop, self::PeroxideOk, self::PeroxideCaution, self::PeroxideStop, self::ActiveSoap, self::WeakSoap, self::WeakSoapWater, self::WeakDetergent, self::WeakOil, self::WeakNeem, self::WeakAlcohol, self::WeakAlcoholSoft, self::WeakSoda, self::WeakEssentialOil, self::HotWater, self::HighEndOverflow, self::MeasuredOver, self::MeasuredOverTogether, self::RepeatedOk, self::RepeatedCaution, self::RepeatedStop, self::EssentialRepeatedOk, self::EssentialRepeatedCaution, self::EssentialRepeatedStop, self::TooHot, self::TooCold, self::TooWarmForSoap, self::TemperatureFine, self::SoapSensitiveCaution, self::SoapSensitiveStop, self::HadOk, self::HadCaution, self::HadStop, self::EssentialHadOk, self::EssentialHadCaution, self::EssentialHadStop, self::StrongOilAgainCaution, self::StrongOilAgainStop, self::SulfurCaution, self::SulfurStop, self::CopperLately, self::InsectsOut, self::InTrial, self::BurntLately, self::EatenRaw, self::PeroxideBottleCaution, self::PeroxideBottleStop, self::PickedSoon, self::PickedLater, self::MeasureOver, self::MeasureUnder, self::MeasureNear, self::MeasureTenfold, self::MeasureThinned => null,
            self::OilsTogetherCaution, self::OilsTogetherStop, self::NoOil, self::OilOnBloom, self::KitchenOilHeavy, self::Swab, self::SwabOnHairs, self::Gas, self::WinterOilInSeason, self::LeafSprayOnSoil, self::EmulsionEnough, self::EmulsionStirred, self::EmulsionMarginal, self::EmulsionShortMore, self::EmulsionShortMoreOrSoft, self::EmulsionShortSoftWater, self::EmulsionShortEmulsifierFirst, self::EmulsionShortKeepMoving, self::InFlower, self::DrenchOnLeaves, self::DrenchOnSoil, self::WinterOilOnLeaves, self::StockOnly, self::BatchFit, self::BatchKeptTooLong, self::BatchUnsteady, self::LeafTestNone, self::LeafTestUnknown, self::LeafTestStronger, self::LeafTestWaiting, self::LeafTestLookNow, self::LeafTestLookAgain, self::LeafTestGoAhead, self::LeafTestGoAheadAndRounds, self::LeafTestWeaken, self::LeafTestRefuse, self::DrenchPlanted, self::WinterOilOnGreen, self::BareUnknown, self::InFlowerIndoors, self::DryRoot, self::Young, self::YoungMild, self::BurntBefore, self::MarkedBefore, self::BurntFamily, self::UnknownMix, self::BatchOld, self::WeedKiller, self::LeafTestFaded, self::LeafTestThisBottle, self::RarePlant => 'practice',
            self::MeasureInStock, self::CompareApart, self::CompareSame, self::CompareAlike, self::BatchDiscarded, self::BatchNotFinished => 'house',
        };
    }

    /** Whether it is not said any more once leaves bore the very spray. */
    public function givesWayToProof(): bool
    {
        return $this === self::OilOnBloom || $this === self::KitchenOilHeavy || $this === self::SoapSensitiveCaution;
    }

    /** Whether a leaf test is what it wants. */
    public function isWantOfProof(): bool
    {
        return $this->code() === self::LeafTestNone->code() && $this->level() === Level::Caution;
    }

    /** Whether what speaks against it passes by itself or by a day's work: dry roots, bloom, heat and frost, what the plant had lately. */
    public function passes(): bool
    {
        return match ($this) {
            self::DryRoot, self::InFlower, self::TooHot, self::TooCold, self::SulfurStop, self::HadStop, self::EssentialHadStop, self::StrongOilAgainStop, self::EatenRaw, self::HotWater => true,
            default => false,
        };
    }

    /** Key of the sentence it is told in: both kinds of oil share theirs. */
    public function wording(): string
    {
        return match ($this) {
            self::EssentialRepeatedOk => self::RepeatedOk->value,
            self::EssentialRepeatedCaution => self::RepeatedCaution->value,
            self::EssentialRepeatedStop => self::RepeatedStop->value,
            self::EssentialHadOk => self::HadOk->value,
            self::EssentialHadCaution => self::HadCaution->value,
            self::EssentialHadStop => self::HadStop->value,
            default => $this->value,
        };
    }
}
