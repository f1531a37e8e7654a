<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Plant\Stage;

/** What has happened since a leaf test, so that it speaks less surely. */
enum SinceThen: string
{
    /** Three days over 32 °C. */
    case Heat = 'heat';
    case Drought = 'drought';
    /** Bare, spring flush, summer. */
    case Season = 'season';
    /** A bottle of another grade or kind of an ingredient. */
    case OtherBottle = 'other-bottle';
    /** Red and white of one kind bear differently. */
    case OtherVariety = 'other-variety';
    /** Of a rare plant only its own leaves speak. */
    case OtherPlant = 'other-plant';

    /**
     * What was said of the plant since it was tested. Common practice, no source; each from the day after.
     *
     * @param DateTimeImmutable      $tested  when the leaves were wetted
     * @param DateTimeImmutable|null $dryOn   when it was dry at the root last
     * @param Stage|null             $stage   as it was said last
     * @param DateTimeImmutable|null $stageOn when that was said
     * @param DateTimeImmutable|null $hotOn   the last day of the last heat wave that it stood in
     *
     * @return list<self>
     */
    public static function onPlant(DateTimeImmutable $tested, ?DateTimeImmutable $dryOn, ?Stage $stage, ?DateTimeImmutable $stageOn, ?DateTimeImmutable $hotOn = null): array
    {
        // That it is in leaf says nothing new of leaves that were tested.
        $isSeason = in_array($stage, [Stage::Bare, Stage::Budding], true);

        return [
            ...($hotOn > $tested ? [self::Heat] : []),
            ...($dryOn > $tested ? [self::Drought] : []),
            ...($isSeason && $stageOn > $tested ? [self::Season] : []),
        ];
    }

    /**
     * Why what one plant bore speaks less surely of another of its kind. Common practice, no source.
     *
     * @param bool   $same    whether it is the very plant
     * @param string $variety of the plant that is asked about; empty where none is named
     * @param string $tested  of the plant that was tested
     * @param bool   $rare    whether the one that is asked about cannot be had again
     *
     * @return list<self>
     */
    public static function onAnother(bool $same, string $variety, string $tested, bool $rare): array
    {
        $named = static fn(string $name): string => mb_strtolower(trim($name));

        return [
            ...(! $same && $named($variety) !== $named($tested) ? [self::OtherVariety] : []),
            ...(! $same && $rare ? [self::OtherPlant] : []),
        ];
    }
}
