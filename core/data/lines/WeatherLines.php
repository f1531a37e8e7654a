<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide what an hour is good for, whatever is sprayed, each with its source. */
final class WeatherLines
{
    /** Up to here the light does a wet leaf no harm; 1 is the sun straight overhead in a clear sky. */
    public const LIGHT_GOOD = ['value' => 0.25, 'unit' => '1', 'source' => 'house'];

    /** Above it a wet leaf may burn. */
    public const LIGHT_NO = ['value' => 0.45, 'unit' => '1', 'source' => 'house'];

    /** What of the light comes through a sky that is covered. */
    public const OVERCAST = ['value' => 0.3, 'unit' => '1', 'source' => 'house'];

    /** What of it falls on a plant in half shade, or behind a window. */
    public const HALF_SHADE = ['value' => 0.6, 'unit' => '1', 'source' => 'house'];

    /** What of it falls on a plant in the shade. */
    public const SHADE = ['value' => 0.2, 'unit' => '1', 'source' => 'house'];

    /** Light that warms no leaf. */
    public const LIGHT_COOL = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];

    /** By how much a leaf in the full sun is warmer than the air. */
    public const LEAF_WARMER = ['value' => 8.0, 'unit' => 'K', 'source' => 'house'];

    /** By how much a leaf is colder than the air in a clear, still night. */
    public const LEAF_COLDER = ['value' => 3.0, 'unit' => 'K', 'source' => 'house'];

    /** Wind above it keeps dew off. */
    public const DEWLESS_WIND = ['value' => 8.0, 'unit' => 'km/h', 'source' => 'house'];

    /** Below it the sun leaves dew where it is. */
    public const DEW_SUN = ['value' => 10.0, 'unit' => 'deg', 'source' => 'house'];

    /** End of civil twilight: below it nobody sees what is sprayed. */
    public const DARK = ['value' => -6.0, 'unit' => 'deg', 'source' => 'house'];

    /** Of an hour in which it becomes dark: with less light than this it is dark. */
    public const LEAST_LIGHT = ['value' => 30.0, 'unit' => 'min', 'source' => 'house'];

    /** Wind up to here is preferred. */
    public const WIND_GOOD = ['value' => 15.0, 'unit' => 'km/h', 'source' => 'bom-spraying'];

    /** Above it the spray goes elsewhere. */
    public const WIND_NO = ['value' => 20.0, 'unit' => 'km/h', 'source' => 'house'];

    /** Below it the air stands still. */
    public const STILL = ['value' => 3.0, 'unit' => 'km/h', 'source' => 'bom-spraying'];

    /** From here on still air keeps leaf and mist too warm. */
    public const STILL_WARM = ['value' => 29.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Dry bulb less wet bulb: below it a spray dries slowly. */
    public const DELTA_T_LOW = ['value' => 2.0, 'unit' => 'K', 'source' => 'bom-spraying'];

    /** Above it drops dry fast. */
    public const DELTA_T_HIGH = ['value' => 8.0, 'unit' => 'K', 'source' => 'bom-spraying'];

    /** Above it they dry before they work. */
    public const DELTA_T_NO = ['value' => 10.0, 'unit' => 'K', 'source' => 'bom-spraying'];

    /** From here on air is damp enough to keep bare wood wet. */
    public const DAMP = ['value' => 90.0, 'unit' => '%', 'source' => 'practice'];

    /** Frost: at or below. */
    public const FROST = ['value' => 0.0, 'unit' => 'Cel', 'source' => 'practice'];

    /** Where the hours told end before frost can be ruled out, and it was this cold, it is not ruled out. */
    public const FROST_NEAR = ['value' => 5.0, 'unit' => 'Cel', 'source' => 'house'];

    /** In an hour; less wets nothing. */
    public const RAIN = ['value' => 0.2, 'unit' => 'mm', 'source' => 'house'];

    /** Leaves are wet for so long after rain, and nothing is sprayed. */
    public const WET_NO = ['value' => 1.0, 'unit' => 'h', 'source' => 'house'];

    /** And damp for so long. */
    public const WET = ['value' => 3.0, 'unit' => 'h', 'source' => 'house'];

    /** By definition of the international yard. */
    public const MILE = ['value' => 1.609344, 'unit' => 'km', 'source' => 'nist-44'];

    /** Where nobody says how humid it is. */
    public const USUAL_HUMIDITY = ['value' => 60.0, 'unit' => '%', 'source' => 'house'];

    /** In a heated room. */
    public const ROOM_HUMIDITY = ['value' => 50.0, 'unit' => '%', 'source' => 'house'];

    /** Where nobody says how warm the rooms are. */
    public const ROOM = ['value' => 21.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Colder is no room. */
    public const COLDEST_ROOM = ['value' => 5.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Warmer is no room. */
    public const WARMEST_ROOM = ['value' => 40.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Hours before now that still count: rain on the leaves, rain since a round. */
    public const BACK = ['value' => 24, 'unit' => 'h', 'source' => 'house'];

    /** What was said at the door holds for so long. */
    public const DOOR_HOLDS = ['value' => 2, 'unit' => 'h', 'source' => 'house'];

    /** How far ahead the hours are judged. */
    public const AHEAD = ['value' => 168, 'unit' => 'h', 'source' => 'house'];

    /** Windows that are proposed. */
    public const WINDOWS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Hours in one request: some two weeks. */
    public const MOST_HOURS = ['value' => 400, 'unit' => '1', 'source' => 'house'];

    /** More wind is a slip of the keys. */
    public const MOST_WIND = ['value' => 400.0, 'unit' => 'km/h', 'source' => 'house'];

    /** More rain in an hour is a slip of the keys. */
    public const MOST_RAIN = ['value' => 400.0, 'unit' => 'mm', 'source' => 'house'];

    /** Hours that are further apart than this are not one stretch. */
    public const APART = ['value' => 3600, 'unit' => 's', 'source' => 'house'];

    /** Days of which the warmest hour is over it make a heat wave; °C in the shade. */
    public const HEAT_WAVE = ['value' => 32.0, 'unit' => 'Cel', 'source' => 'practice'];

    /** So many of them, one after the other, are one. */
    public const HEAT_WAVE_DAYS = ['value' => 3, 'unit' => 'd', 'source' => 'practice'];
}
