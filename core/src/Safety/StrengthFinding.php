<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Words\Say;
use LogicException;

/** Which finding says how strong one substance is. */
final class StrengthFinding
{
    /**
     * How strong one substance is.
     *
     * @throws LogicException for what has no limit of its own, like egg
     */
    public static function of(Substance $what, Level $level): Finding
    {
        $three = match ($what) {
            Substance::RefinedOil, Substance::KitchenOil => [Finding::OilOk, Finding::OilCaution, Finding::OilStop],
            Substance::Neem => [Finding::NeemOk, Finding::NeemCaution, Finding::NeemStop],
            Substance::EssentialOil => [Finding::EssentialOk, Finding::EssentialCaution, Finding::EssentialStop],
            Substance::TrueSoap => [Finding::SoapOk, Finding::SoapCaution, Finding::SoapStop],
            Substance::Detergent => [Finding::DetergentOk, Finding::DetergentCaution, Finding::DetergentStop],
            Substance::Soda => [Finding::SodaOk, Finding::SodaCaution, Finding::SodaStop],
            Substance::Alcohol => [Finding::AlcoholOk, Finding::AlcoholCaution, Finding::AlcoholStop],
            Substance::Peroxide => [Finding::PeroxideOk, Finding::PeroxideCaution, Finding::PeroxideStop],
            // It has no line from which it burns, and is not spoken of while it is within its limit.
            Substance::NonIonic => [Finding::NonIonicCaution, Finding::NonIonicCaution, Finding::NonIonicCaution],
            Substance::Egg => throw new LogicException(Say::it('safety/strength-finding.egg')),
        };

        return match ($level) {
            Level::Ok => $three[0],
            Level::Caution => $three[1],
            Level::Stop => $three[2],
        };
    }

    /** Whether a finding says how strong that substance is. */
    public static function is(Finding $finding, Substance $what): bool
    {
        return $what !== Substance::Egg && $finding->code() === self::of($what, Level::Caution)->code();
    }
}
