<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

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
