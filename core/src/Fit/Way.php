<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** One way of closing a gap: what it would leave, whether that is within its limits, and what it takes. */
final readonly class Way implements \JsonSerializable
{
    /**
     * @param  Length  $least  the gap it would leave at the tightest, and `greatest` at the widest
     * @param  Length|null  $blank  width of the board it takes; null where it takes none
     * @param  int  $minutes  our usual figure; the log learns the person's own
     * @param  int|null  $cents  of board; null where nobody has said a price
     * @param  Text|null  $because  why it is the one proposed
     */
    public function __construct(
        public EdgeKind $kind,
        public bool $fits,
        public Length $least,
        public Length $greatest,
        public ?Length $blank,
        public int $minutes,
        public ?int $cents,
        public ?Text $because = null,
    ) {
    }

    public function proposed(Text $because): self
    {
        return new self($this->kind, $this->fits, $this->least, $this->greatest, $this->blank, $this->minutes, $this->cents, $because);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $limits = Limits::of($this->kind);

        return ['kind' => $this->kind->value, 'fits' => $this->fits, 'least' => $this->least,
            'greatest' => $this->greatest, 'from' => $limits->least, 'to' => $limits->most,
            'blank' => $this->blank, 'minutes' => $this->minutes, 'cents' => $this->cents, 'because' => $this->because];
    }
}
