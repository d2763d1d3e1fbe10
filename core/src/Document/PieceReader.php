<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads pieces; a method the piece does not name is inherited from the project's methods. */
final readonly class PieceReader
{
    public function __construct(private Node $root)
    {
    }

    /** @return array<string, Piece> */
    public function pieces(): array
    {
        return $this->root->at('pieces')->each($this->piece(...));
    }

    private function piece(Node $node, string $id): Piece
    {
        $mm = Length::fromMillimetres(...);

        return new Piece(
            $id,
            $node->at('name')->text(),
            $node->at('space')->text(26),
            $node->at('height')->length($mm(200), $mm(4_000)),
            $node->at('depth')->length($mm(80), $mm(1_200)),
            $node->at('width')->optionalLength($mm(100), $mm(10_000)),
            $this->edge($node->at('left')),
            $this->edge($node->at('right')),
            $node->at('material')->text(26),
            $node->at('back_material')->isMissing() ? null : $node->at('back_material')->text(26),
            $this->methods($node->at('methods')),
            $node->at('runs')->each($this->run(...)),
        );
    }

    private function edge(Node $node): Edge
    {
        return new Edge(
            $node->at('kind')->oneOf(EdgeKind::class),
            $node->at('set_off')->length(Length::zero(), Length::fromMillimetres(200)),
        );
    }

    private function methods(Node $own): Methods
    {
        $inherited = $this->root->at('methods');
        $pick = fn (string $key): Node => $own->at($key)->isMissing() ? $inherited->at($key) : $own->at($key);

        return new Methods(
            $pick('front')->oneOf(Front::class),
            $pick('top')->oneOf(TopJoint::class),
            $pick('shelves')->oneOf(ShelfRest::class),
            $pick('back')->flag(),
        );
    }

    private function run(Node $node, string $id): Run
    {
        $run = new Run($id, $node->at('bands')->each($this->band(...)));
        if ($run->first(BandKind::Box) === null) {
            $node->wrong(Text::of('document.box_missing'));
        }

        return $run;
    }

    private function band(Node $node, string $id): Band
    {
        $kind = $node->at('kind')->oneOf(BandKind::class);
        $plinth = $kind === BandKind::Plinth;
        $mm = Length::fromMillimetres(...);
        $bays = $node->at('bays')->each(fn (Node $bay, string $bayId): Bay => new Bay(
            $bayId,
            $bay->at('shelves')->each(fn (Node $s, string $shelfId): Shelf => new Shelf(
                $shelfId, $s->at('clear_below')->optionalLength($mm(20), $mm(3_000)),
            )),
        ));
        if (! $plinth && ($bays === [] || count($bays) > 12)) {
            $node->at('bays')->wrong(Text::of('document.bays_expected', least: 1, most: 12));
        }

        return new Band(
            $id,
            $kind,
            $plinth ? $node->at('height')->length($mm(30), $mm(600)) : null,
            $plinth ? $node->at('set_back')->length($mm(0), $mm(300)) : null,
            $bays,
        );
    }
}
