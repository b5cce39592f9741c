import { Component } from '@angular/core';
import { start } from './start';

/** As little as an Angular page can be that has what ours has of the framework: what ours takes longer is our own. */
@Component({ selector: 'app-root', template: '<p class="there">there</p>' })
class EmptyPage {}

start(EmptyPage);
