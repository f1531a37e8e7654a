<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What a word of a line is. The words of the later ones stand in `core/words/en/reading/line.php`. */
enum TokenKind: string
{
    case Number = 'number';
    case Unit = 'unit';
    case Ingredient = 'ingredient';
    case Stock = 'stock';
    case ByEye = 'by-eye';
    case Ratio = 'ratio';
    case Refused = 'refused';
    case Asked = 'asked';
    case Unknown = 'unknown';

    case Percent = 'percent';
    case ByVolume = 'by-volume';
    case ByWeight = 'by-weight';
    case Per = 'per';
    case To = 'to';
    case From = 'from';
    case Parts = 'parts';
    case Equal = 'equal';
    case EachOf = 'each-of';
    case Water = 'water';
    case MadeUpTo = 'made-up-to';
    case Finished = 'finished';
    case Vessel = 'vessel';
    case Joint = 'joint';
    case Or = 'or';
    case Open = 'open';
    case Close = 'close';
    /** A stroke, colon or stop that parts a name from its amount. */
    case Apart = 'apart';
    case Share = 'share';
    /** Heaped, scant, good. */
    case Size = 'size';
    /** Of which kind a thing is, which changes nothing of it: “unscented”, “cold pressed”, “my”. */
    case Quality = 'quality';
    /** Understood and of no weight: “of”, “add”, “about”. */
    case Filler = 'filler';
}
