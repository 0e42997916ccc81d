<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * The schools of coating on a set pour whose label gives no closing time: by the window that its gel time lets expect, then sanded; or by
 * a tack test, as many coat 8 to 24 hours later unsanded and report no failure (common practice). A closing time on the label goes first
 * with both. The window is the default: it loses no piece.
 */
enum Recoat: string
{
    case Window = 'window';
    case TackTest = 'tack-test';

    /** Hours until which a tack test is worth making (common practice). */
    public const LATEST = 24.0;
}
