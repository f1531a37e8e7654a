<?php

declare(strict_types=1);

/*
 * What stands in most houses, first what stands in nearly all: common practice, no source. It is offered first where somebody says
 * what is there.
 */
return ['dish-detergent', 'vegetable-oil', 'baking-soda', 'castile-soap', 'isopropyl-alcohol', 'neem-oil', 'bar-soap', 'egg', 'hydrogen-peroxide'];
