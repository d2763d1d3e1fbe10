<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Model\CornerRule;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Finish;
use Incastro\Core\Document\Model\Methods;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Run;
use Incastro\Core\Document\Model\RunWall;
use Incastro\Core\Document\Model\Stand;
use Incastro\Core\Document\Model\StandFrom;
use Incastro\Core\Document\Model\StrutSettings;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads pieces and their runs; a method that an element does not name it inherits from what holds it. */
final readonly class PieceReader
{
    private Methods $usual;

    public function __construct(private Node $root)
    {
        $this->usual = Methods::ofProject($root->at('methods'));
    }

    /** @return array<string, Piece> */
    public function pieces(): array
    {
        return $this->root->at('pieces')->each($this->piece(...));
    }

    private function piece(Node $node, string $id): Piece
    {
        $mm = Length::fromMillimetres(...);
        $methods = $this->usual->changedBy($node->at('methods'));
        $runs = $node->at('runs')->each(fn (Node $run, string $runId): Run => self::run($run, $runId, $methods));
        self::checkRuns($node->at('runs'), $runs);

        return new Piece(
            $id,
            $node->at('name')->text(),
            $node->at('space')->text(26),
            $node->at('height')->length($mm(20), $mm(4_000)),
            $node->at('depth')->length($mm(40), $mm(2_500)),
            $node->at('width')->optionalLength($mm(100), $mm(10_000)),
            EdgeReader::edge($node->at('left'), EdgeName::Left),
            EdgeReader::edge($node->at('right'), EdgeName::Right),
            $node->at('material')->text(26),
            $node->at('back_material')->isMissing() ? null : $node->at('back_material')->text(26),
            $methods,
            $runs,
            self::stand($node->at('stand')),
            $node->at('slope_clear')->optionalLength($mm(0), $mm(200)) ?? $mm(8),
            EdgeReader::others($node),
            EdgeReader::offsets($node->at('offsets')),
            StrutSettings::read($node->at('struts')),
            $coats = $node->at('coats')->isMissing() ? 0 : $node->at('coats')->count(0, 8),
            Finish::read($node->at('finish'), $coats),
        );
    }

    private static function stand(Node $node): ?Stand
    {
        $far = Length::fromMillimetres(20_000);

        return $node->isMissing() ? null : new Stand(
            $node->at('from')->optionalOf(StandFrom::class) ?? StandFrom::Left,
            $node->at('at')->optionalLength(Length::zero(), $far) ?? Length::zero(),
            $node->at('up')->optionalLength(Length::zero(), $far) ?? Length::zero(),
        );
    }

    private static function run(Node $node, string $id, Methods $above): Run
    {
        $mm = Length::fromMillimetres(...);
        $methods = $above->changedBy($node->at('methods'));
        $wall = $node->at('wall')->optionalOf(RunWall::class) ?? RunWall::Back;

        return new Run(
            $id,
            $wall,
            $wall === RunWall::Back ? null : $node->at('length')->length($mm(200), $mm(10_000)),
            $node->at('depth')->optionalLength($mm(40), $mm(2_500)),
            $node->at('corner')->optionalOf(CornerRule::class) ?? CornerRule::Stops,
            $node->at('corner_room')->optionalLength($mm(0), $mm(300)) ?? $mm(50),
            $methods,
            (new BandReader)->bands($node->at('bands'), $methods),
        );
    }

    /** @param  array<string, Run>  $runs */
    private static function checkRuns(Node $node, array $runs): void
    {
        $walls = array_map(fn (Run $r): string => $r->wall->value, array_values($runs));
        if (! in_array(RunWall::Back->value, $walls, true)) {
            $node->wrong(Text::of('document.back_run_missing'));
        }
        if (count($walls) !== count(array_unique($walls))) {
            $node->wrong(Text::of('document.one_run_a_wall'));
        }
        foreach ($runs as $id => $run) {
            if ($run->bands === []) {
                $node->at($id)->wrong(Text::of('document.band_missing'));
            }
        }
    }
}
