/** The demo: the invented Tarn and Cairn Hut Trust, generated from a fixed seed. */
package org.ropebridge.demo;
