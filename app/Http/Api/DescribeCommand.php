<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\LogSchema;
use App\Declared\NotCarried;
use Illuminate\Console\Command;

/** Writes what follows from the declarations: the document of the API, the schema of the log, and the table of what it does not carry. */
final class DescribeCommand extends Command
{
    protected $signature = 'mixer:describe';

    protected $description = 'Write schemas and pages that follow from how records are declared';

    public function handle(LogSchema $log, NotCarried $not, ApiDocument $api): int
    {
        file_put_contents(base_path('openapi.yaml'), $api->yaml());
        $page = base_path('docs/log.md');
        file_put_contents(base_path('schemas/log.schema.json'), json_encode($log->whole(), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR) . "\n");
        file_put_contents($page, $not->into((string) file_get_contents($page)));
        $this->line('Written. Run  npx prettier --write schemas docs  after it.');

        return self::SUCCESS;
    }
}
