<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** A place of a surface and its ties to the points the frame fixes there, see Datum. Metres and mm². */
final readonly class Tied
{
    /**
     * @param  array{float, float}  $place
     * @param  list<float>  $weights  how far it is measured from each point
     * @param  list<float>  $to  prior covariance of the place with each point
     * @param  list<float>  $from  of each point with the place: the same but for the order of the factors, which a last bit may hang on
     */
    public function __construct(public array $place, public array $weights, public array $to, public array $from)
    {
    }
}
