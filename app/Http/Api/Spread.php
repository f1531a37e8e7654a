<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;

/** What this holds is told as if it were the answer's own. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Spread {}
