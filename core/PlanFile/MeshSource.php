<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\Sliced;

/** Where the meshes that a plan names are kept. */
interface MeshSource
{
    /**
     * The mesh that a vessel or an object names by `path` or `mesh`, a unit of it taken as a millimetre.
     *
     * @throws UnusableMesh also where it is not to be had, with the remedy
     */
    public function sliced(Node $node): Sliced;
}
