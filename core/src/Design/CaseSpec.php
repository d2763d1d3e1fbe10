<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Methods;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * One box with the bands that share its uprights: outside `x` and `z`, `rear` of the sides, `depth` of the sides. `foot` is
 * where the sides begin, `floor` what the base stands on. `heads`: the clear top of each row.
 */
final readonly class CaseSpec
{
    /** @var array<int, Length> */
    public array $heads;

    /**
     * @param  list<Row>  $rows
     * @param  Band|null  $toe  a toe kick under it
     * @param  bool  $hangs  with nothing under it but air
     */
    public function __construct(
        public array $rows,
        public Span $x,
        public Span $z,
        public Length $rear,
        public Figure $depth,
        public Length $floor,
        public Board $board,
        public Board $back,
        public string $label,
        public ?Band $toe,
        public bool $hangs = false,
    ) {
        $at = $z->from->plus($board->thickness);
        $heads = [];
        foreach ($rows as $row) {
            $heads[] = $at = $at->plus($row->clear->value);
            $at = $at->plus($board->thickness);
        }
        $this->heads = $heads;
    }

    public function id(): string
    {
        return $this->first()->id;
    }

    public function first(): Band
    {
        return $this->rows[0]->band;
    }

    public function methods(): Methods
    {
        return $this->first()->methods;
    }

    /** y of the front edges of its boards. */
    public function front(): Length
    {
        return $this->rear->plus($this->depth->value);
    }

    public function y(): Span
    {
        return new Span($this->rear, $this->depth);
    }

    public function name(Text $part, ?string $label = null): Text
    {
        $label ??= $this->label;

        return PartName::in($part, $label);
    }
}
