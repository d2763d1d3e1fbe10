<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** One edge of the piece against its wall. */
final readonly class EdgeFit implements \JsonSerializable
{
    /** @param  non-empty-list<GapAt>  $gaps from the bottom up */
    public function __construct(
        public Side $side,
        public EdgeKind $kind,
        public Figure $setOff,
        public array $gaps,
        public ?Scribe $scribe,
    ) {
    }

    public function greatest(): Length
    {
        return Length::greatest(...array_map(fn (GapAt $g): Length => $g->gap, $this->gaps));
    }

    public function least(): Length
    {
        return Length::least(...array_map(fn (GapAt $g): Length => $g->gap, $this->gaps));
    }

    /**
     * The gap over part of the height, straight between the heights at which it is known.
     *
     * @return non-empty-list<GapAt>
     */
    public function between(Length $from, Length $to): array
    {
        $inside = array_values(array_filter($this->gaps, fn (GapAt $g): bool => $g->z->isGreaterThan($from) && $g->z->isLessThan($to)));

        return [$this->at($from), ...$inside, $this->at($to)];
    }

    private function at(Length $z): GapAt
    {
        $below = $this->gaps[0];
        foreach ($this->gaps as $gap) {
            if (! $gap->z->isLessThan($z)) {
                $span = $gap->z->minus($below->z);
                $share = $span->isPositive() ? $z->minus($below->z)->units / $span->units : 1.0;

                return $gap->z->equals($z) ? $gap : new GapAt($z, $below->gap->plus(Length::ofUnits(Rounding::Nearest->apply($share * $gap->gap->minus($below->gap)->units))), false);
            }
            $below = $gap;
        }

        return new GapAt($z, $below->gap, false);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'kind' => $this->kind->value,
            'set_off' => $this->setOff,
            'gaps' => $this->gaps,
            'greatest' => $this->greatest(),
            'least' => $this->least(),
            'scribe' => $this->scribe,
        ];
    }
}
