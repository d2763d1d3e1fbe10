<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\CarcassJoint;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Document\Model\Methods;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** How the boards of a row meet one another, by its methods: let into each other, or against each other. */
final readonly class RowJoints
{
    /** How far a board is let into another: 6 mm leaves two thirds of an 18 mm board. */
    public const DADO_MM = 6;

    public function __construct(private Bench $bench, private Methods $methods)
    {
    }

    public function letIn(Span $span, ?string $first, ?string $second): Span
    {
        if ($this->methods->joint !== CarcassJoint::Dado) {
            return $span;
        }
        $depth = Length::fromMillimetres(self::DADO_MM);
        $ends = ($first === null ? 0 : 1) + ($second === null ? 0 : 1);

        return $ends === 0 ? $span : new Span($first === null ? $span->from : $span->from->minus($depth),
            $span->size->plus($depth->times($ends), Text::of('piece.let_in', depth: $depth, ends: $ends)));
    }

    public function meet(string $first, ?string $second, Axis $axis): void
    {
        if ($this->methods->joint === CarcassJoint::Dado) {
            $this->bench->house($first, $second, $axis, Length::fromMillimetres(self::DADO_MM));
        } else {
            $this->bench->join($first, $second, JointKind::of($this->methods->joint), $axis);
        }
    }

    /** @return list<string> */
    public function banded(): array
    {
        return $this->methods->front === Front::Banded ? ['front'] : [];
    }
}
