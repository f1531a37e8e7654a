<?php

declare(strict_types=1);

/*
 * One sentence a finding: its number, its limit, and what to do. {limit-from} says what kind of limit it is.
 */
return [
    'oil-ok' => 'Oil is {percent} % of the spray, within the limit of {limit} % for {onto} ({limit-from}).',
    'oil-caution' => 'Oil is {percent} % of the spray, over the limit of {limit} % for {onto} ({limit-from}). Weaken it to {limit} % or less, or test two leaves first and spray once only.',
    'oil-stop' => 'Oil is {percent} % of the spray, far over the limit of {limit} % for {onto} ({limit-from}). Do not spray it: weaken it to {limit} % or less.',
    'soap-ok' => 'Soap is {percent} % of the spray, within the {limit} % at the top of what handbooks advise on leaves ({limit-from}).',
    'soap-caution' => 'Soap is {percent} % of the spray, over the {limit} % at the top of what handbooks advise on leaves ({limit-from}). Use less, or rinse with clean water after 20 minutes.',
    'soap-stop' => 'Soap is {percent} % of the spray, far over the {limit} % at the top of what handbooks advise on leaves ({limit-from}). Weaken it before it goes on a leaf.',
    'soda-ok' => 'Soda is {percent} g per 100 mL, within the limit of {limit} g for leaves ({limit-from}).',
    'soda-caution' => 'Soda is {percent} g per 100 mL, over the limit of {limit} g for leaves ({limit-from}): the salt scorches. Use less.',
    'soda-stop' => 'Soda is {percent} g per 100 mL, far over the limit of {limit} g for leaves ({limit-from}): the salt scorches. Do not spray it.',
    'alcohol-ok' => 'Pure alcohol is {percent} % of the spray, below the {limit} % from which it harms leaves ({limit-from}).',
    'alcohol-caution' => 'Pure alcohol is {percent} % of the mix; from {limit} % it harms leaves ({limit-from}). On a swab, touch the insect and not the leaf.',
    'alcohol-stop' => 'Pure alcohol is {percent} % of the spray; from {limit} % it harms leaves ({limit-from}). Thin it with water first.',
    'drench-on-leaves' => 'This is a soil drench, and it is meant for {plant} here. That ratio is made for soil: never put it on leaves or wood ({limit-from}). Choose a leaf spray.',
    'drench-on-soil' => 'This is a soil drench going onto soil. Never use this ratio on leaves ({limit-from}).',
    'leaf-spray-on-soil' => 'This is a leaf spray, and it is meant for soil here. A drench recipe reaches further down ({limit-from}).',
    'winter-oil-on-leaves' => 'This is a winter oil for bare wood, and it is meant for {plant} here. It scorches leaves ({limit-from}). Choose a leaf spray.',
    'stock-only' => 'This is a stock, not a spray: let it down with water before it goes on any plant ({limit-from}).',
    'measure-over' => '{name}: {wanted} mL is wanted, and the nearest your measures come is {measured} mL, {error} % too much (5 % off is the most we accept; {limit-from}). Use a smaller measure, or make a larger batch.',
    'measure-under' => '{name}: {wanted} mL is wanted, and the nearest your measures come is {measured} mL, {error} % too little (5 % off is the most we accept; {limit-from}). Use a finer measure, or make a larger batch.',
    'measure-in-stock' => '{name}: the {wanted} mL of it come with the stock “{stock}” and are not measured by themselves.',
    'emulsion-enough' => 'Emulsifier: {given} mL goes in, hardness takes {lost} mL, {needed} mL must be left to hold the oil: enough ({limit-from}).',
    'emulsion-marginal' => 'Emulsifier: {given} mL goes in, hardness takes {lost} mL, {needed} mL must be left to hold the oil: just short ({limit-from}). Add {add} mL soap, or use softer water.',
    'emulsion-short' => 'Emulsifier: {given} mL goes in, hardness takes {lost} mL, {needed} mL must be left to hold the oil: too little ({limit-from}). Add {add} mL soap, or use rain water; until then shake all the while.',
    'emulsion-softer' => 'Emulsifier: {given} mL goes in, hardness takes {lost} mL, {needed} mL must be left to hold the oil. What is missing, {add} mL, would be more than the {limit} % soap that a leaf bears ({limit-from}): use softer water, soap bark extract or polysorbate instead.',
    'emulsion-depends' => 'Emulsifier: whether the oil is held hangs on the water, and its hardness is not known: in soft water {soft}, in very hard water {hard} ({limit-from}). Say how hard it is, or use rain water.',
    'compare-apart' => '“{strong}” holds {times} times as much {what} as “{weak}” ({limit} times or more is apart; {limit-from}). They are not the same spray: never mix one by the other’s spoons.',
    'compare-alike' => 'Both hold much the same {what}: “{strong}” {times} times that of “{weak}” (under {limit} times; {limit-from}).',
    'batch-fit' => 'Made {ago} ago; good for {left} more.',
    'batch-kept-too-long' => 'This batch was to be thrown away {ago} ago. An old mix may have come apart: what comes out last can be nearly neat oil. Make a new one.',
    'batch-discarded' => 'This batch was thrown away.',
    'batch-not-finished' => 'This batch is still being mixed: finish and save it first.',
    'batch-unsteady' => 'Its stand test showed {stand}: oil not held in the water burns leaves. Add a little soap, mix again and look again before you spray.',
    'leaf-test-none' => 'No leaf test of this batch on this plant yet ({limit-from}). Wet two leaves and wait before you spray the whole plant.',
    'leaf-test-waiting' => 'The leaf test on this plant is still waiting: {left} to go.',
    'leaf-test-look-now' => 'The leaf test on this plant is due: look at the leaves before you spray.',
    'leaf-test-go-ahead' => 'The leaves tested on this plant stayed clean.',
    'leaf-test-weaken' => 'The leaves tested on this plant were slightly marked: weaken the spray and test again.',
    'leaf-test-refuse' => 'The leaves tested on this plant were marked: do not spray this batch on it.',
];
