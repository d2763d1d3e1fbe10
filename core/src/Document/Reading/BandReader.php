<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Model\Against;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\BayWidth;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Methods;
use Incastro\Core\Document\Model\WidthBy;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads bands, bays and what they hold, down to the fourth level of bands. */
final readonly class BandReader
{
    private const DEEPEST = 4;

    private const MOST_BAYS = 24;

    public function __construct(private int $level = 1)
    {
    }

    /** @return array<string, Band> */
    public function bands(Node $node, Methods $above): array
    {
        if (! $node->isMissing() && $this->level > self::DEEPEST) {
            $node->wrong(Text::of('document.bands_too_deep', most: self::DEEPEST));

            return [];
        }
        $bands = $node->each(fn (Node $band, string $id): Band => $this->band($band, $id, $above));
        $below = null;
        foreach ($bands as $id => $band) {
            if ($band->joined && ($below === null || ! $below->kind->mayJoin() || ! $band->kind->mayJoin())) {
                $node->at($id)->at('joined')->wrong(Text::of('document.nothing_to_join'));
            }
            $below = $band;
        }

        return $bands;
    }

    private function band(Node $node, string $id, Methods $above): Band
    {
        $mm = Length::fromMillimetres(...);
        $kind = $node->at('kind')->oneOf(BandKind::class);
        if ($this->level > 1 && ! in_array($kind, [BandKind::Box, BandKind::Gap], true)) {
            $node->at('kind')->wrong(Text::of('document.box_or_gap_inside'));
        }
        $methods = $above->changedBy($node->at('methods'));
        $bays = $kind->mayHaveBays() ? $node->at('bays')->each(fn (Node $bay, string $bayId): Bay => $this->bay($bay, $bayId, $methods)) : [];
        if (count($bays) > self::MOST_BAYS || ($kind === BandKind::Box && $bays === [])) {
            $node->at('bays')->wrong(Text::of('document.bays_expected', least: 1, most: self::MOST_BAYS));
        }

        return new Band(
            $id,
            $kind,
            $this->height($node->at('height'), $kind),
            $kind->isBase() ? $node->at('set_back')->length($mm(0), $mm(300)) : null,
            $node->at('depth')->optionalLength($mm(20), $mm(2_500)),
            $node->at('against')->optionalOf(Against::class) ?? Against::Wall,
            self::says($node->at('joined')),
            $node->at('overhang')->optionalLength($mm(-300), $mm(600)) ?? $mm(0),
            $node->at('layers')->isMissing() ? 1 : $node->at('layers')->count(1, 3),
            $node->at('material')->isMissing() ? null : $node->at('material')->text(26),
            self::says($node->at('lids')),
            $node->at('cushion')->optionalLength($mm(10), $mm(200)),
            $methods,
            $bays,
            self::says($node->at('to_walls')),
        );
    }

    private static function says(Node $node): bool
    {
        return ! $node->isMissing() && $node->flag();
    }

    /** A base says its height, a slab's is its board's; others may leave it open. */
    private function height(Node $node, BandKind $kind): ?Length
    {
        $mm = Length::fromMillimetres(...);

        return match (true) {
            $kind->isBase() => $node->length($mm(30), $mm(600)),
            $kind->isSlab() => null,
            default => $node->optionalLength($mm(20), $mm(4_000)),
        };
    }

    private function bay(Node $node, string $id, Methods $above): Bay
    {
        $methods = $above->changedBy($node->at('methods'));
        $fill = FillReader::fill($node->at('fill'));
        $bands = (new self($this->level + 1))->bands($node->at('bands'), $methods);
        if ($bands !== [] && $fill->kind !== FillKind::Open) {
            $node->at('fill')->wrong(Text::of('document.fill_or_bands'));
        }

        return new Bay(
            $id,
            self::width($node->at('width')),
            array_keys($node->at('through')->each(fn (Node $n, string $band): bool => $n->flag())),
            $fill,
            FillReader::door($node->at('door')),
            self::says($node->at('open_back')),
            self::says($node->at('open_floor')),
            $methods,
            $bands,
        );
    }

    private static function width(Node $node): BayWidth
    {
        $by = $node->at('by')->optionalOf(WidthBy::class) ?? WidthBy::Share;

        return new BayWidth(
            $by,
            $by === WidthBy::Fixed ? $node->at('value')->length(Length::fromMillimetres(20), Length::fromMillimetres(10_000)) : null,
            $by === WidthBy::Share && ! $node->at('weight')->isMissing() ? $node->at('weight')->count(1, 1_000) : 1,
            in_array($by, [WidthBy::Below, WidthBy::Stud], true) ? $node->at('ref')->text(26) : null,
        );
    }
}
