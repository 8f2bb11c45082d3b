/**
 * Stands in the head of every page: remembers which fields a hand wrote in, perhaps before the page was awake (see ui/theme/typedEarly).
 * What the browser itself puts back into a page that was reloaded is not trusted input, and no entry.
 */
export const listenEarly =
  "window.ivrekTyped=new WeakSet;addEventListener('input',function(e){if(e.isTrusted)window.ivrekTyped.add(e.target)},true)";
