{{-- What waits in this browser, and what was refused after its form had gone. --}}
<p class="outbox" data-outbox-state role="status" hidden></p>
<ul data-refused></ul>
