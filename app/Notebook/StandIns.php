<?php

declare(strict_types=1);

namespace App\Notebook;

use PDO;

/** Stands in for what was lost and much hangs on: plants by their number, recipes by what their batches say of them. */
final readonly class StandIns
{
    public function __construct(private PDO $pdo) {}

    public function put(): void
    {
        if (array_diff(['plants', 'cases', 'batches', 'leaf_tests', 'recipes', 'recipe_versions'], Sqlite::tables($this->pdo)) !== []) {
            return;
        }
        $this->pdo->exec("
            insert into plants (id, submission, name, tolerance, created_at)
            select lost, lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4000-8000-' || hex(randomblob(6))), 'Plant ' || lost || ', its name was lost', 'ordinary-leaf', datetime('now')
            from (select plant_id lost from cases union select plant_id from batches union select plant_id from leaf_tests)
            where lost is not null and lost not in (select id from plants)
        ");
        if (! in_array('document', Sqlite::texts($this->pdo, "select name from pragma_table_info('batches')"), true)) {
            return;
        }
        $recipe = "json_extract(b.document, '$.recipe.slug')";
        $told = "from batches b where json_valid(b.document) and {$recipe} is not null";
        $this->pdo->exec("insert or ignore into recipes (id, slug) select v.recipe_id, 'lost-' || v.recipe_id from recipe_versions v where v.recipe_id not in (select id from recipes)");
        $this->pdo->exec("insert or ignore into recipes (slug) select distinct {$recipe} {$told} and b.recipe_version_id not in (select id from recipe_versions)");
        $this->pdo->exec("
            insert or ignore into recipe_versions (id, recipe_id, number, name, document, written)
            select b.recipe_version_id, (select id from recipes where slug = {$recipe}), b.recipe_version_id + 1000000, b.name, json_extract(b.document, '$.recipe'), 0
            {$told} and b.recipe_version_id not in (select id from recipe_versions) group by b.recipe_version_id
        ");
    }
}
