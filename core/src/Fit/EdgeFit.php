<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/** One edge of the piece, or of one of its slabs, against the house. */
final readonly class EdgeFit implements \JsonSerializable
{
    /**
     * @param  EdgeKind|null  $kind  null where nobody has decided
     * @param  Figure|null  $setOff  at the tightest; null where the piece does not stand off by choice
     * @param  list<Way>  $ways
     * @param  string|null  $part  the slab whose edge it is; null for the piece as a whole
     */
    public function __construct(
        public EdgeName $name,
        public ?EdgeKind $kind,
        public ?Figure $setOff,
        public Profile $profile,
        public ?Scribe $scribe,
        public array $ways = [],
        public ?string $part = null,
    ) {
    }

    public function side(): Side
    {
        return $this->name->side() ?? throw new \LogicException("The {$this->name->value} edge is no side.");
    }

    public function greatest(): Length
    {
        return $this->line()->greatest();
    }

    public function least(): Length
    {
        return $this->line()->least();
    }

    /** What is known of the gap: by hand where it was taken by hand. */
    public function line(): Profile
    {
        return $this->scribe->line ?? $this->profile;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'edge' => $this->name->value,
            'part' => $this->part,
            'along' => $this->profile->along->value,
            'kind' => $this->kind?->value,
            'set_off' => $this->setOff,
            'gaps' => $this->line()->gaps,
            'greatest' => $this->greatest(),
            'least' => $this->least(),
            'scribe' => $this->scribe,
            'ways' => $this->ways,
        ];
    }
}
