<?php

declare(strict_types=1);

namespace App\Models;

use App\Declared\Records;
use Illuminate\Database\Eloquent\Model;

/** A record of the notebook: how its columns are cast, and what they hold before anybody says it, follows from how it is declared. */
abstract class Kept extends Model
{
    protected $guarded = [];

    /** @var array<class-string<self>, string> tables by model: each row that is read asks for it */
    private static array $tables = [];

    /** @param array<string, mixed> $attributes */
    final public function __construct(array $attributes = [])
    {
        $this->attributes = app(Records::class)->of($this->getTable())->defaults();
        parent::__construct($attributes);
    }

    public function getTable(): string
    {
        return $this->table ??= self::$tables[static::class] ??= parent::getTable();
    }

    protected static function booted(): void
    {
        static::saved(Stale::mark(...));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return app(Records::class)->of($this->getTable())->casts();
    }
}
