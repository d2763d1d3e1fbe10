<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** A run as made: where it stands, the fronts of its boxes, its boards. */
final readonly class MadeRun
{
    /**
     * @param  list<CaseFront>  $fronts
     * @param  list<string>  $panels
     */
    public function __construct(public RunFrame $frame, public array $fronts, public array $panels = [])
    {
    }

    /** @param  list<string>  $panels */
    public function with(array $panels): self
    {
        return new self($this->frame, $this->fronts, $panels);
    }
}
