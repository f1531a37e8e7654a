<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $name
 * @property string $kind what it is, for all plants of it together; empty where nobody said
 * @property string $variety red or white of one kind; empty where none is named
 * @property string $tolerance
 * @property string $place
 * @property string $notes
 * @property bool $bears_no_oil
 * @property bool $indoors
 * @property bool $soap_sensitive
 * @property CarbonImmutable|null $sulfur_on when it was last sprayed with it
 * @property CarbonImmutable|null $copper_on
 * @property CarbonImmutable|null $oil_on
 * @property string|null $stage how far it is in its year, as it was said last
 * @property CarbonImmutable|null $stage_on
 * @property CarbonImmutable|null $dry_on when it was found dry at the root or wilted
 * @property CarbonImmutable|null $moved_on
 * @property bool $wounded
 * @property bool $eaten_raw
 * @property bool $rare whether it cannot be had again
 * @property string $size
 * @property CarbonImmutable|null $bloom_from
 * @property CarbonImmutable|null $bloom_until
 * @property CarbonImmutable|null $harvest_on
 * @property string $exposure
 * @property int|null $lights_on minutes after midnight, with lights_off
 * @property int|null $lights_off
 * @property CarbonImmutable|null $retired_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class Plant extends Correctable {}
