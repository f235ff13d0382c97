@switch($kind)
@case('on')
<circle cx="22" cy="22" r="13" class="mark-nominal"/>
<circle cx="22" cy="22" r="17" class="mark-on"/>
<circle cx="22" cy="22" r="2" class="mark-dot"/>
@break
@case('off')
<circle cx="22" cy="22" r="13" class="mark-nominal"/>
<circle cx="22" cy="18" r="17" class="mark-off"/>
<path d="M22 24V14M18.5 17.5 22 13.5l3.5 4" class="mark-arrow"/>
@break
@case('sleeve')
<circle cx="22" cy="22" r="19" class="mark-sleeve"/>
<circle cx="22" cy="22" r="13" class="mark-sleeve"/>
<path d="M6 12 12 18M3 20l7 5M32 26l7 6M33 14l6-5" class="mark-hatch"/>
@break
@case('hone')
<circle cx="22" cy="22" r="15" class="mark-on"/>
<path d="M12 15 29 33M15 12 33 29M15 33 33 15M11 29 29 11" class="mark-hone"/>
@break
@endswitch
