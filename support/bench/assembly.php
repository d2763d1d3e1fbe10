<?php

declare(strict_types=1);

/**
 * What must hold of how a project holds together, over random documents: every meant joint meets a contact, no two fixed boards of a piece
 * are in one place, every body reaches the house or is told, in every load case forces and moments balance, each body goes to its place once
 * and nothing is put on what is not there nor taken from under it, one count of all that is driven.
 * usage: ./incastro bench assembly [COUNT] [FIRST SEED]
 */
require __DIR__.'/../../vendor/autoload.php';

use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\AnyDocument;
use Incastro\Core\Tests\Assembly\Invariants;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Sample;

const WALLS = [['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 150, 'spacing' => 400], ['wall' => 'masonry'], ['wall' => 'unknown'],
    ['wall' => 'metal_stud', 'anchor_kg' => 20], ['wall' => 'plaster_on_lath', 'first_stud' => 100, 'spacing' => 600]];

[$count, $first] = [(int) ($argv[1] ?? 5_000), (int) ($argv[2] ?? 1)];
[$broken, $began] = [0, hrtime(true)];
for ($seed = $first; $seed < $first + $count; $seed++) {
    mt_srand($seed);
    $document = match ($seed % 4) {
        0 => AnyDocument::document(),
        default => (new AnyPiece(7919 * $seed))->document(),
    };
    $document['spaces'][Sample::SPACE]['build'] = ['floor' => 'fixed'] + WALLS[$seed % count(WALLS)];
    foreach (Invariants::brokenBy(new Planning($document)) as $sentence) {
        $broken++;
        echo "seed $seed: $sentence\n";
    }
}
printf("%d documents, seeds %d to %d: %d violations, %.0f s\n", $count, $first, $first + $count - 1, $broken, (hrtime(true) - $began) / 1e9);
exit($broken === 0 ? 0 : 1);
