<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\LogSchema;
use App\Declared\NotCarried;
use Illuminate\Console\Command;

/** Writes what follows from the declarations: the document of the API, the schema of the log, the lists of slugs of every schema, and the table of what it does not carry. */
final class DescribeCommand extends Command
{
    protected $signature = 'mixer:describe';

    protected $description = 'Write schemas and pages that follow from how records are declared';

    public function handle(LogSchema $log, NotCarried $not, ApiDocument $api, SlugLists $lists): int
    {
        file_put_contents(base_path('openapi.yaml'), $api->yaml());
        $page = base_path('docs/log.md');
        file_put_contents(base_path('schemas/log.schema.json'), json_encode($log->whole(), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR) . "\n");
        foreach ((array) glob(base_path('schemas/*.schema.json')) as $schema) {
            file_put_contents((string) $schema, $lists->into((string) file_get_contents((string) $schema)));
        }
        file_put_contents($page, $not->into((string) file_get_contents($page)));
        $this->line('Written. Run  npx prettier --write schemas docs  after it.');

        return self::SUCCESS;
    }
}
